<?php

declare(strict_types=1);

namespace App\Documents;

use App\Offers\OfferDraft;
use App\Offers\WayWords;
use App\Pages\EngineView;
use App\Record\JobFile;
use App\Sheet\AcceptedPartView;
use App\Words\Labels;
use App\Words\Line;
use App\Words\PlannedWorkWords;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Assessment\EngineVerdict;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Planning\CustomerWay;
use NorthLedger\Core\Verification\AcceptanceState;

/** One page for the customer, in plain words: what was found, what can be done about it and for how much, and what is not known yet. */
final readonly class FindingsReport
{
    private const MOST_LINES = 4;

    /**
     * @param  list<array{name: string, verdict: string, lines: list<string>, more: int}>  $parts
     * @param  list<array{name: string, words: string, price: string}>  $options
     * @param  list<string>  $open
     * @param  list<string>  $decided  What the customer said, and what is accepted as it is
     * @param  list<string>  $asked  Questions that are not answered
     */
    private function __construct(
        public string $tag,
        public string $engine,
        public string $verdict,
        public array $parts,
        public array $options,
        public array $open,
        public array $decided,
        public array $asked,
        public string $note,
    ) {
    }

    public static function of(JobFile $file): self
    {
        return $file->job->isCheck() ? self::ofCheck($file) : self::ofRebuild($file);
    }

    /** Nothing is planned of what is only checked: it is within the limits of new work, or it is not. */
    private static function ofCheck(JobFile $file): self
    {
        $parts = AcceptedPartView::all($file);
        $states = array_column($parts, 'state');

        return new self(
            $file->job->tag(),
            self::engine($file),
            Line::of(
                match (true) {
                    in_array(AcceptanceState::Out, $states, true) => 'findings.report.out',
                    in_array(AcceptanceState::Open, $states, true) => 'findings.report.open',
                    default => 'findings.report.conforms',
                },
            ),
            array_values(array_map(self::checked(...), $parts)),
            [],
            [],
            Decisions::of($file),
            Decisions::open($file),
            Line::of('findings.report.judged', self::judgedBy($file)),
        );
    }

    /** @return array{name: string, verdict: string, lines: list<string>, more: int} */
    private static function checked(AcceptedPartView $part): array
    {
        $lines = [
            ...array_map(static fn (array $one): string => ltrim("{$one['who']}: {$one['sentence']}", ': '), $part->out),
            ...$part->open,
        ];

        return [
            'name' => $part->name,
            'verdict' => $part->answer === '' ? Line::ofCode('verify.checked', $part->state) : $part->answer,
            'lines' => array_slice($lines, 0, self::MOST_LINES),
            'more' => max(0, count($lines) - self::MOST_LINES),
        ];
    }

    private static function engine(JobFile $file): string
    {
        return "{$file->sheet->name}, serial {$file->job->serial}".
            ($file->job->description === '' ? '' : ", {$file->job->description}").
            ". {$file->job->customer->name}.";
    }

    /** @return array<string, string|int> */
    private static function judgedBy(JobFile $file): array
    {
        return [
            'family' => $file->sheet->name,
            'sheet' => $file->sheet->revision,
            'policy' => $file->policy->revision,
            'entry' => $file->job->entries,
        ];
    }

    private static function ofRebuild(JobFile $file): self
    {
        $here = array_filter($file->engine()->parts, static fn (AssessedPart $part): bool => $part->isHere);

        return new self(
            $file->job->tag(),
            self::engine($file),
            self::verdict($file->engine()->verdict, $file),
            array_values(array_map(static fn (AssessedPart $part): array => self::part($file, $part), $here)),
            self::options($file),
            array_values(
                array_map(
                    static fn (AssessedPart $part): string => self::open($file, $part),
                    array_filter($here, static fn (AssessedPart $part): bool => $part->verdict === PartVerdict::NotYetKnown),
                ),
            ),
            Decisions::of($file),
            Decisions::open($file),
            Line::of('findings.report.judged_and_priced', self::judgedBy($file)),
        );
    }

    /** Why nothing can be said of a part yet: it is not all read, or nobody has looked its limits up. */
    private static function open(JobFile $file, AssessedPart $part): string
    {
        $name = ['part' => $file->sheet->nameOf($part->part)];
        $findings = $part->findings;
        if ($part->part === ($file->sheet->deck === null ? EnginePart::Cylinders : EnginePart::Block)) {
            $findings = array_merge(
                $findings,
                ...array_map(static fn (JudgedBore $bore): array => array_values($bore->findings), $file->assessment()->bores),
            );
        }
        $outcomes = array_column($findings, 'outcome');

        return in_array(Outcome::NoLimit, $outcomes, true) && ! in_array(Outcome::Missing, $outcomes, true)
            ? Line::of('findings.report.no_limits', $name)
            : Line::of('findings.report.not_read', $name);
    }

    private static function verdict(EngineVerdict $verdict, JobFile $file): string
    {
        return match ($verdict) {
            EngineVerdict::AsIs => 'Your engine can be rebuilt with its parts as they are.',
            EngineVerdict::WithMachining => 'Your engine can be rebuilt, with normal machining.',
            EngineVerdict::WithRepairs => 'Your engine can be rebuilt, with repairs or other parts that you decide about.',
            EngineVerdict::No => 'Your engine cannot be rebuilt: the '.$file->sheet->nameOf(EnginePart::Block).' is past saving.',
            EngineVerdict::NotYetKnown => 'We have not measured everything yet; this is how far we are.',
        };
    }

    /** @return array{name: string, verdict: string, lines: list<string>, more: int} */
    private static function part(JobFile $file, AssessedPart $part): array
    {
        $lines = self::lines($file, $part);

        return [
            'name' => ucfirst($file->sheet->nameOf($part->part)),
            'verdict' => self::worth($part->verdict),
            'lines' => array_slice($lines, 0, self::MOST_LINES),
            'more' => max(0, count($lines) - self::MOST_LINES),
        ];
    }

    /** @return list<array{part: string, answer: string, out: list<string>, open: list<string>}> What each part of an inspection is worth */
    public static function inspected(JobFile $file): array
    {
        return array_values(
            array_map(
                static fn (AssessedPart $part): array => [
                    'part' => ucfirst($file->sheet->nameOf($part->part)),
                    'answer' => self::worth($part->verdict),
                    'out' => self::lines($file, $part),
                    'open' => [],
                ],
                array_filter($file->engine()->parts, static fn (AssessedPart $part): bool => $part->isHere),
            ),
        );
    }

    private static function worth(PartVerdict $verdict): string
    {
        return match ($verdict) {
            PartVerdict::Serviceable => 'Good as it is',
            PartVerdict::Recondition => 'Good after normal machining',
            PartVerdict::Repair => 'Can be repaired; you decide',
            PartVerdict::Scrap => 'Has to be replaced',
            PartVerdict::NotYetKnown => 'Not known yet',
        };
    }

    /** @return list<string> What was found of a part */
    private static function lines(JobFile $file, AssessedPart $part): array
    {
        $words = new PlannedWorkWords($file->display);
        $works = EngineView::works($file, $part->part);
        $isBores = $part->part === ($file->sheet->deck === null ? EnginePart::Cylinders : EnginePart::Block);

        return [
            ...array_map(static fn (PartDefect $defect): string => $defect->sentence, $part->defects),
            ...array_map(static fn (PlannedWork $work): string => $words->sentence($work), $works),
            ...$isBores ? self::pistons($file) : [],
            ...$isBores
                ? array_map(static fn (Finding $finding): string => self::worn($finding), self::worst($file->assessment()->failures()))
                : [],
            ...$works === []
                ? array_map(
                    static fn (Finding $finding): string => $finding->subject().
                        ': '.
                        Labels::criterion($finding->criterion).
                        ' is past its limit.',
                    array_values(array_filter($part->findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail)),
                )
                : [],
        ];
    }

    /** @return list<string> Where it is the piston that is worn, and not its bore (BORE-6a) */
    private static function pistons(JobFile $file): array
    {
        $worn = array_values(
            array_map(
                static fn (JudgedBore $bore): int => $bore->cylinder(),
                array_filter($file->assessment()->bores, static fn (JudgedBore $bore): bool => $bore->canStay === CanStay::WithNewPiston),
            ),
        );

        return $worn === []
            ? []
            : [ucfirst(VerdictWords::cylinders($worn)).': the piston is worn, not the bore. With a new piston the bore stays as it is.'];
    }

    /** Of a bore: what is seen, or that it is worn. */
    private static function worn(Finding $finding): string
    {
        $criterion = Labels::criterion($finding->criterion);

        return $finding->criterion->isLookAtWall()
            ? "{$finding->subject()}: {$criterion}, {$finding->said}."
            : "{$finding->subject()} is worn past its limit ({$criterion}).";
    }

    /**
     * @param  list<Finding>  $failures
     * @return list<Finding> One for every cylinder
     */
    private static function worst(array $failures): array
    {
        $worst = [];
        foreach ($failures as $finding) {
            $worst[$finding->about->number()] ??= $finding;
        }
        ksort($worst);

        return array_values($worst);
    }

    /**
     * @return list<array{name: string, words: string, price: string}> What was agreed; before that, the ways of an offer, the recommended
     *     first
     */
    private static function options(JobFile $file): array
    {
        $choice = $file->work()->choice();
        $words = new WayWords($file);
        $agreed = $choice?->parts === null ? null : $file->plan()->choices()->plan($choice->parts);
        if ($choice !== null && $choice->cost_minor !== null && $agreed !== null) {
            return [
                [
                    'name' => 'Agreed',
                    'words' => implode(', ', $words->what($agreed)),
                    'price' => VerdictWords::money($choice->cost_minor),
                ],
            ];
        }

        return array_map(
            static fn (CustomerWay $way): array => [
                'name' => Line::of("offer.way.{$way->code()}"),
                'words' => implode(', ', $words->what($way->plan)),
                'price' => VerdictWords::money($way->plan->cost->minor),
            ],
            OfferDraft::of($file)->ways,
        );
    }
}
