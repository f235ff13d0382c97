<?php

declare(strict_types=1);

namespace App\Documents;

use App\Offers\OfferDraft;
use App\Offers\WayWords;
use App\Record\JobFile;
use App\Sheet\AcceptedPartView;
use App\Words\EnginePartName;
use App\Words\Line;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\PartVerdict;
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
        return Line::of('findings.report.engine', [
            'family' => $file->sheet->name,
            'serial' => $file->job->serial,
            'description' => $file->job->description === '' ? '' : ", {$file->job->description}",
            'customer' => $file->job->customer->name,
        ]);
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
            Line::ofCode('findings.verdict', $file->engine()->verdict, ['block' => EnginePartName::of($file->sheet, EnginePart::Block)]),
            array_values(array_map(static fn (AssessedPart $part): array => (new FoundPart($file, $part))->summary(), $here)),
            self::options($file),
            array_values(
                array_map(
                    static fn (AssessedPart $part): string => (new FoundPart($file, $part))->whyUnknown(),
                    array_filter($here, static fn (AssessedPart $part): bool => $part->verdict === PartVerdict::NotYetKnown),
                ),
            ),
            Decisions::of($file),
            Decisions::open($file),
            Line::of('findings.report.judged_and_priced', self::judgedBy($file)),
        );
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
                    'name' => Line::of('findings.report.agreed'),
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
