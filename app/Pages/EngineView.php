<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\Concessions;
use App\Record\FindingKey;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Said;
use App\Storage\User;
use App\Words\ChangeWords;
use App\Words\FindingWords;
use App\Words\Labels;
use App\Words\PlannedWorkWords;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Assessment\EngineVerdict;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;

/** The whole engine, judged: one verdict, every part with its findings, what is missing and what would change it (VER-1 to VER-5). */
final readonly class EngineView
{
    private const MOST_CHANGES = 6;

    /**
     * @param  list<AssessedPartView>  $parts
     * @param  list<string>  $missing  Fewest readings first
     * @param  list<string>  $changes
     * @param  list<array{words: string, worst: string, by: string, at: string}>  $concessions
     */
    private function __construct(
        public Stamp $stamp,
        public string $conclusion,
        public array $parts,
        public array $missing,
        public array $changes,
        public array $concessions,
        public string $basis,
    ) {
    }

    public static function of(JobFile $file): self
    {
        $engine = $file->engine();
        $words = new FindingWords($file->display, [], $file->sheet);
        $here = array_filter($engine->parts, static fn (AssessedPart $part): bool => $part->isHere);
        $missing = self::missing($file, $here);

        return new self(
            self::stamp($file),
            self::conclusion($file),
            array_values(array_map(static fn (AssessedPart $part): AssessedPartView => self::part($file, $part, $words), $engine->parts)),
            $missing,
            self::changes($file),
            array_map(
                static fn (Said $said): array => [
                    'words' => $said->text('words'),
                    'worst' => $said->text('worst'),
                    'by' => $said->text('answer'),
                    'at' => $said->at()->format('j M Y'),
                ],
                Concessions::of($file->record->observations())->all(),
            ),
            "{$file->sheet->name} sheet revision {$file->sheet->revision}, shop policy revision {$file->policy->revision}, ledger ".
                "entry {$file->job->entries}",
        );
    }

    /** @return list<string> The first that would change it */
    private static function changes(JobFile $file): array
    {
        $changes = array_values(array_filter($file->words()->changes($file->assessment())));
        foreach ($file->inspection()->changes() as $change) {
            if (count($changes) >= self::MOST_CHANGES) {
                break;
            }
            $changes[] = (new ChangeWords($file->display))->pass($change);
        }

        return array_slice($changes, 0, self::MOST_CHANGES);
    }

    public static function stamp(JobFile $file): Stamp
    {
        $engine = $file->engine();
        $replaced = array_map(static fn (AssessedPart $part): string => $file->sheet->nameOf($part->part), $engine->replaced());

        return match ($engine->verdict) {
            EngineVerdict::AsIs => new Stamp('Rebuildable as is', '', 'good'),
            EngineVerdict::WithMachining => new Stamp('Rebuildable with machining', '', 'close'),
            EngineVerdict::WithRepairs => new Stamp(
                'Rebuildable with repairs',
                $replaced === [] ? 'the customer decides' : 'with another '.implode(' and ', $replaced),
                'out',
            ),
            EngineVerdict::No => new Stamp('Not rebuildable', 'the '.$file->sheet->nameOf(EnginePart::Block).' is scrap', 'scrap'),
            EngineVerdict::NotYetKnown => new Stamp('Not yet known', self::clause($file), 'missing'),
        };
    }

    /** One sentence for the whole engine. */
    public static function conclusion(JobFile $file): string
    {
        $engine = $file->engine();
        $by = [];
        foreach (array_filter($engine->parts, static fn (AssessedPart $part): bool => $part->isHere) as $part) {
            $by[$part->verdict->value][] = $file->sheet->nameOf($part->part);
        }
        $told = array_map(
            static fn (PartVerdict $verdict): string => isset($by[$verdict->value])
                ? ($verdict === PartVerdict::Scrap ? 'to be replaced' : $verdict->value).': '.implode(', ', $by[$verdict->value])
                : '',
            [PartVerdict::Scrap, PartVerdict::Repair, PartVerdict::Recondition, PartVerdict::Serviceable, PartVerdict::NotYetKnown],
        );

        return ucfirst(implode('; ', array_filter($told))).'.';
    }

    /** @return array<string, string> What a customer may accept, in a sentence each, by finding */
    public static function concedable(JobFile $file): array
    {
        $words = new FindingWords($file->display, [], $file->sheet);
        $open = [];
        foreach ($file->engine()->parts as $part) {
            foreach ($part->findings as $finding) {
                if (self::isConcedable($finding)) {
                    $open[$finding->key()] = "{$finding->subject()}: {$words->sentence($finding)}";
                }
            }
        }
        foreach ($file->assessment()->failures() as $finding) {
            if (self::isPitting($finding)) {
                $open[self::pittingKey($finding)] = "Cylinder {$finding->about->number()}: pitting, {$finding->said}.";
            }
        }

        return $open;
    }

    /** The finding of a part by its key; null where it is one of the bores', or stands no more. */
    public static function finding(JobFile $file, string $key): ?Finding
    {
        foreach ($file->engine()->parts as $part) {
            foreach ($part->findings as $finding) {
                if ($finding->key() === $key) {
                    return $finding;
                }
            }
        }

        return null;
    }

    /** A pit that is felt and does not catch a nail: a person can live with it, signed (BORE-6). */
    public static function isPitting(Finding $finding): bool
    {
        return $finding->criterion === Criterion::Pitting &&
            $finding->outcome === Outcome::Fail &&
            $finding->state === (string) PittingClass::Felt->value;
    }

    public static function pittingKey(Finding $finding): string
    {
        return FindingKey::ofPitting($finding->about->number());
    }

    private static function isConcedable(Finding $finding): bool
    {
        return $finding->outcome === Outcome::Fail && in_array($finding->remedy, [Remedy::Machine, Remedy::Repair, Remedy::Decide], true);
    }

    private static function clause(JobFile $file): string
    {
        $failing = count(
            array_merge(
                [],
                ...array_map(
                    static fn (AssessedPart $part): array => array_filter(
                        $part->findings,
                        static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail,
                    ),
                    array_values($file->engine()->parts),
                ),
            ),
        );

        return $failing === 0 ? 'readings are missing' : ($failing === 1 ? 'one finding so far' : "{$failing} findings so far");
    }

    private static function part(JobFile $file, AssessedPart $part, FindingWords $words): AssessedPartView
    {
        $name = ucfirst($file->sheet->nameOf($part->part));
        $telling = $passing = [];
        foreach (CloseCalls::together(array_values($part->findings)) as $findings) {
            $finding = $findings[0];
            $line = PartMargin::line($findings, $words, $file->display);
            if ($finding->outcome === Outcome::Pass && ! $finding->isCloseCall) {
                $passing[] = $line;
            } elseif (
                ! in_array($finding->outcome, [Outcome::Missing, Outcome::NoLimit], true) ||
                ($finding->outcome === Outcome::Missing && $finding->said !== '')
            ) {
                $telling[] = $line + ['key' => $finding->key(), 'isConcedable' => self::isConcedable($finding)];
            }
        }
        $failures =
            count(array_filter($part->findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail)) +
            count($part->defects);
        $works = self::works($file, $part->part);

        return new AssessedPartView(
            $part->part->value,
            $name,
            $part->isHere
                ? PartMargin::ofVerdict($part->verdict, $failures === 0 ? '' : ($failures === 1 ? 'one finding' : "{$failures} findings"))
                : new Stamp('Not here', '', 'missing'),
            $part->isHere,
            $telling,
            $passing,
            array_map(
                static fn (PartDefect $defect): array => [
                    'sentence' => $defect->sentence,
                    'rule' => $defect->rule,
                    'outcome' => $defect->remedy->value,
                ],
                $part->defects,
            ),
            array_map(
                static fn (PlannedWork $work): array => [
                    'sentence' => (new PlannedWorkWords($file->display))->sentence($work),
                    'rule' => $work->rule,
                ],
                $works,
            ),
            self::missingOf($part, $words, $file->sheet->nameOf($part->part)),
            self::overrules($file, $part->part),
            $part->part === (isset($file->engine()->parts[EnginePart::Cylinders->value]) ? EnginePart::Cylinders : EnginePart::Block),
        );
    }

    /** @return list<PlannedWork> What is planned for a part, on whichever sheet */
    public static function works(JobFile $file, EnginePart $part): array
    {
        $works = [];
        foreach (Section::beside() as $section) {
            $judged = $file->inspection()->judged($section);
            $parts = array_column(
                array_map(static fn (Finding $finding): array => [$finding->about->code, $finding->part], $judged->findings),
                1,
                0,
            );
            foreach ($judged->works as $work) {
                if (($parts[$work->about->code] ?? $section->partsOf($file->sheet)[0]) === $part) {
                    $works[] = $work;
                }
            }
        }

        return $works;
    }

    private static function missingOf(AssessedPart $part, FindingWords $words, string $name): string
    {
        $sheets = array_filter(
            $part->findings,
            static fn (Finding $finding): bool => $finding->criterion === Criterion::WholeSheet && $finding->outcome === Outcome::Missing,
        );
        $begun = array_map(
            static fn (Finding $finding): string => lcfirst($finding->subject()) === $name
                ? 'nothing read'
                : lcfirst($finding->subject()).': nothing read',
            $sheets,
        );
        $count = count($part->missing);

        return implode(
            '; ',
            array_filter([
                ...$begun,
                $count === 0 ? '' : "{$count} ".($count === 1 ? 'reading' : 'readings').": {$words->places($part->missing)}",
                self::limitless($part),
            ]),
        );
    }

    /** “a limit for size and taper”: what was read of the part and has none on the sheet. */
    private static function limitless(AssessedPart $part): string
    {
        $open = array_filter($part->findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::NoLimit);
        $criteria = array_unique(array_map(static fn (Finding $finding): string => Labels::criterion($finding->criterion), $open));

        return $criteria === [] ? '' : 'a limit for '.VerdictWords::list(array_values($criteria));
    }

    /**
     * @param  array<string, AssessedPart>  $here
     * @return list<string>
     */
    private static function missing(JobFile $file, array $here): array
    {
        $words = new FindingWords($file->display, [], $file->sheet);
        $open = array_filter($here, static fn (AssessedPart $part): bool => $part->verdict === PartVerdict::NotYetKnown);
        usort($open, static fn (AssessedPart $a, AssessedPart $b): int => self::weight($a) <=> self::weight($b));

        $lines = [];
        foreach ($open as $part) {
            $name = $file->sheet->nameOf($part->part);
            $missing = self::missingOf($part, $words, $name);
            if ($missing !== '') {
                $lines[] = ucfirst($name).": {$missing}";
            }
        }

        return $lines;
    }

    /** Sheets that are not begun weigh more than any that are. */
    private static function weight(AssessedPart $part): int
    {
        return count($part->missing) +
            1_000 *
                count(array_filter($part->findings, static fn (Finding $finding): bool => $finding->criterion === Criterion::WholeSheet));
    }

    /** @return list<array{verdict: string, reason: string, who: string, at: string}> */
    private static function overrules(JobFile $file, EnginePart $part): array
    {
        $said = $file->record->observations()->about(EntryKind::Overruled, $part->value);
        $names =
            $said === []
                ? []
                : User::query()->whereIn('id', array_map(static fn (Said $one): int => $one->userId, $said))->pluck('name', 'id');

        return array_map(
            static fn (Said $one): array => [
                'verdict' => $one->text('result'),
                'reason' => $one->text('reason'),
                'who' => (string) ($names[$one->userId] ?? ''),
                'at' => $one->at()->format('j M Y H:i'),
            ],
            array_reverse($said),
        );
    }
}
