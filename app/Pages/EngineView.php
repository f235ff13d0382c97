<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\Concessions;
use App\Record\JobFile;
use App\Storage\Said;
use App\Words\ChangeWords;
use App\Words\EnginePartName;
use App\Words\FindingWords;
use App\Words\Line;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Assessment\EngineVerdict;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartVerdict;

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
            array_values(
                array_map(
                    static fn (AssessedPart $part): AssessedPartView => AssessedParts::view($file, $part, $words),
                    $engine->parts,
                ),
            ),
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
            Line::of('engine.basis', [
                'family' => $file->sheet->name,
                'sheet' => $file->sheet->revision,
                'policy' => $file->policy->revision,
                'entry' => $file->job->entries,
            ]),
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
        $replaced = array_map(static fn (AssessedPart $part): string => EnginePartName::of($file->sheet, $part->part), $engine->replaced());

        [$clause, $kind] = match ($engine->verdict) {
            EngineVerdict::AsIs => ['', 'good'],
            EngineVerdict::WithMachining => ['', 'close'],
            EngineVerdict::WithRepairs => [
                $replaced === []
                    ? Line::of('engine.customer_decides')
                    : Line::of('engine.with_another', ['parts' => implode(Line::of('engine.and'), $replaced)]),
                'out',
            ],
            EngineVerdict::No => [Line::of('engine.is_scrap', ['part' => EnginePartName::of($file->sheet, EnginePart::Block)]), 'scrap'],
            EngineVerdict::NotYetKnown => [self::clause($file), 'missing'],
        };

        return new Stamp(Line::ofCode('engine.verdict', $engine->verdict), $clause, $kind);
    }

    /** One sentence for the whole engine. */
    public static function conclusion(JobFile $file): string
    {
        $engine = $file->engine();
        $by = [];
        foreach (array_filter($engine->parts, static fn (AssessedPart $part): bool => $part->isHere) as $part) {
            $by[$part->verdict->value][] = EnginePartName::of($file->sheet, $part->part);
        }
        $told = array_map(
            static fn (PartVerdict $verdict): string => isset($by[$verdict->value])
                ? Line::ofCode('engine.told', $verdict, ['parts' => implode(', ', $by[$verdict->value])])
                : '',
            [PartVerdict::Scrap, PartVerdict::Repair, PartVerdict::Recondition, PartVerdict::Serviceable, PartVerdict::NotYetKnown],
        );

        return ucfirst(implode('; ', array_filter($told))).'.';
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

        return Line::counted('engine.findings_so_far', $failing);
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
            $missing = AssessedParts::missing($part, $words);
            if ($missing !== '') {
                $lines[] = ucfirst(EnginePartName::of($file->sheet, $part->part)).": {$missing}";
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
}
