<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Record\SheetEntries;
use App\Storage\SheetName;
use App\Words\Labels;
use App\Words\Messages;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\CharacteristicRow;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Verification\VerifiedFeature;

/** A sheet beside the bores as finished strings, table by table. */
final readonly class PartSheetView
{
    private const MANY_COLUMNS = 4;

    /**
     * @param  list<array{title: string, columns: list<string>, isMany: bool, rows: list<SheetRow>}>  $tables
     * @param  list<SetupLine>  $setups
     */
    private function __construct(public array $tables, public array $setups)
    {
    }

    /** @param  bool  $showsAll  Also the rows that nobody has to read, where nothing of them is read */
    public static function of(JobFile $file, Section $section, bool $showsAll): self
    {
        return self::drawn(
            $file,
            SheetName::of($section),
            $file->record->entries(SheetName::of($section)),
            $file->inspection()->judged($section)->findings,
            $showsAll,
        );
    }

    /** Of finished work: what was read since it was last worked. */
    public static function finished(JobFile $file, Section $section): self
    {
        $verification = $file->work()->verification();
        $findings = array_map(static fn (VerifiedFeature $one): array => $one->findings, array_values($verification->part($section)));

        return self::drawn(
            $file,
            SheetName::of($section, Occasion::Final),
            $verification->entries($section),
            array_merge([], ...$findings),
            true,
        );
    }

    /** @param  list<Finding>  $findings */
    private static function drawn(JobFile $file, SheetName $sheet, SheetEntries $entries, array $findings, bool $showsAll): self
    {
        $cells = new PartCells($file, $entries, self::marks($findings));
        $bySubject = [];
        foreach ($findings as $finding) {
            $bySubject[$finding->about->code][$finding->criterion->value] = $finding;
        }
        $plan = $file->planOf($sheet);

        return new self(
            array_map(static fn (CharacteristicTable $table): array => self::table($table, $cells, $bySubject, $showsAll), $plan->tables),
            array_values(
                array_filter(
                    array_map(static fn (Feature $feature): ?SetupLine => SetupLine::of($entries->gauges->current($feature), $file), [
                        ...$plan->gaugedFeatures(),
                        WeightFeature::PistonWeight,
                    ]),
                ),
            ),
        );
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, CellState> By place key
     */
    public static function marks(array $findings): array
    {
        $marks = [];
        foreach (app(Marks::class)->areShown ? $findings : [] as $finding) {
            foreach ($finding->places as $place) {
                $marks[$place->key] = CellState::worse($marks[$place->key] ?? CellState::Good, CellState::ofReading($finding));
            }
        }

        return $marks;
    }

    /**
     * How several places stand together; one that is not read is no worse than one that is good.
     *
     * @param  list<Place>  $places
     * @param  array<string, CellState>  $marks
     */
    public static function worst(array $places, Measurements $measurements, array $marks): CellState
    {
        $states = array_map(
            static fn (Place $place): CellState => $measurements->isRead($place)
                ? $marks[$place->key] ?? CellState::Good
                : CellState::Missing,
            $places,
        );

        return array_reduce($states, CellState::worse(...), CellState::Missing);
    }

    /**
     * @param  array<string, array<string, Finding>>  $findings  By subject and criterion
     * @return array{title: string, columns: list<string>, isMany: bool, rows: list<SheetRow>}
     */
    private static function table(CharacteristicTable $table, PartCells $cells, array $findings, bool $showsAll): array
    {
        $rows = array_values(
            array_filter($table->rows, static fn (CharacteristicRow $row): bool => ! $row->isExtra || $showsAll || $cells->isAnyRead($row)),
        );
        $shown = [];
        $group = '';
        foreach ($rows as $row) {
            $group = $row->group !== '' ? Messages::said($row->group) : $group;
            $shown[] = new SheetRow(
                $cells->kind($row),
                $group,
                Messages::text($row->label),
                array_map(static fn (?Characteristic $one): SheetCell => $cells->cell($one), $row->cells),
            );
            $group = '';
        }
        foreach ($table->derived as $criterion) {
            $derived = array_map(
                static fn (string $subject): SheetCell => $cells->derived($findings[$subject][$criterion->value] ?? null),
                $table->subjects,
            );
            if (array_filter($derived, static fn (SheetCell $cell): bool => $cell->main !== '') !== []) {
                $shown[] = new SheetRow('derived', '', Labels::criterion($criterion), $derived);
            }
        }

        return [
            'title' => Messages::text($table->title),
            'columns' => array_map(Messages::said(...), $table->columns),
            'isMany' => count($table->columns) > self::MANY_COLUMNS,
            'rows' => $shown,
        ];
    }
}
