<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\SheetCell;
use App\Pages\SheetCells;
use App\Pages\SheetRow;
use App\Record\JobFile;
use App\Record\SheetEntries;
use App\Storage\SheetName;
use App\Words\Line;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BoreMeasures;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Inspection\Occasion;

/** The rows of the bore sheet from top to bottom, a cell for each cylinder. */
final readonly class BoreSheetRows
{
    private SheetEntries $entries;

    /**
     * @param  bool  $showsAllAxes  Also the axes and the land that are not needed, where nothing of them is read
     * @param  list<int>  $cylinders  That have a column
     */
    public function __construct(
        private JobFile $file,
        private SheetName $sheet,
        private SheetCells $cells,
        private bool $showsAllAxes,
        private array $cylinders,
    ) {
        $this->entries = $file->record->entries($sheet);
    }

    /** @return list<SheetRow> */
    public function all(): array
    {
        return $this->sheet->occasion === Occasion::Incoming
            ? [...$this->sizes(), ...$this->land(), ...$this->pistons(), ...$this->clearance(), ...$this->looks()]
            : [...$this->sizes(), ...$this->pistons(), $this->look('finish', BoreFeature::Finish, 'wall'), ...$this->rings()];
    }

    /** Which rows there are of a sheet as it came, in a few letters: that follows from every cylinder. */
    public function which(): string
    {
        $axes = fn (Station $station): string => implode('/', array_column($this->axes($station), 'value'));

        return implode(' ', [
            ...array_map($axes, [...Station::JUDGED, Station::Land]),
            $this->knowsAClearance() ? 'clearance' : '',
            $this->hasFeltPits() ? 'pits' : '',
        ]);
    }

    /** @return list<SheetRow> Every reading of the judged stations, with what follows from them */
    private function sizes(): array
    {
        $isIncoming = $this->sheet->occasion === Occasion::Incoming;
        $limits = $isIncoming ? $this->file->sheet->bore->service : $this->file->sheet->bore->finished;
        $measures = $this->measures();
        $rows = [];
        foreach (Station::JUDGED as $station) {
            foreach ($this->axes($station) as $index => $axis) {
                $rows[] = $this->readings(
                    $index === 0 ? ucfirst(Line::ofCode('places.station', $station)) : '',
                    Line::ofCode('places.axis', $axis),
                    static fn (int $cylinder): Place => BorePlace::bore($cylinder, $station, $axis),
                );
            }
            $outOfRound = fn (BoreMeasures $one): SheetCell => $this->cells->spread($one->outOfRound[$station->value], $limits->outOfRound);
            $rows[] = self::derived('out_of_round', array_map($outOfRound, $measures));
        }
        $taper = fn (BoreMeasures $one): SheetCell => $this->cells->taper($one, $limits->taper);

        return [...$rows, self::derived('taper', array_map($taper, $measures))];
    }

    /** @return list<BoreMeasures> Of each cylinder */
    private function measures(): array
    {
        return $this->sheet->occasion === Occasion::Incoming
            ? array_map(static fn (JudgedBore $bore): BoreMeasures => $bore->measures, $this->judged())
            : array_map(
                fn (int $cylinder): BoreMeasures => BoreMeasures::of(
                    $this->entries->bores()->inspection($cylinder, $this->file->sheet, $this->file->policy),
                ),
                $this->cylinders,
            );
    }

    /** @return list<SheetRow> Above the rings, where a bore does not wear */
    private function land(): array
    {
        $axes = $this->axes(Station::Land);

        return array_map(
            fn (Axis $axis, int $index): SheetRow => $this->readings(
                $index === 0 ? Line::of('sheet.row.land') : '',
                Line::ofCode('places.axis', $axis),
                static fn (int $cylinder): Place => BorePlace::bore($cylinder, Station::Land, $axis),
            ),
            $axes,
            array_keys($axes),
        );
    }

    /** @return list<SheetRow> */
    private function pistons(): array
    {
        $weight = fn (int $cylinder): SheetCell => $this->cells->weight(Place::at(WeightFeature::PistonWeight, $cylinder));

        return [
            $this->readings(Line::of('sheet.row.piston'), Line::of('sheet.row.skirt'), BorePlace::piston(...)),
            new SheetRow('reading', '', Line::of('sheet.row.weight'), array_map($weight, $this->cylinders)),
        ];
    }

    /** @return list<SheetRow> Of the piston in its bore, once both are read anywhere */
    private function clearance(): array
    {
        return $this->knowsAClearance() ? [self::derived('clearance', array_map($this->cells->clearance(...), $this->judged()))] : [];
    }

    private function knowsAClearance(): bool
    {
        $isKnown = static fn (JudgedBore $bore): bool => $bore->clearance !== null;

        return array_filter($this->file->assessment()->bores, $isKnown) !== [];
    }

    /** @return list<JudgedBore> Of the cylinders that have a column */
    private function judged(): array
    {
        $hasColumn = fn (JudgedBore $bore): bool => in_array($bore->cylinder(), $this->cylinders, true);

        return array_values(array_filter($this->file->assessment()->bores, $hasColumn));
    }

    /** @return list<SheetRow> What is seen and felt in the bores */
    private function looks(): array
    {
        return [
            $this->looked('ridge_top', static fn (int $cylinder): Place => BorePlace::ridge($cylinder, Station::Top), 'ridge'),
            $this->looked('ridge_bottom', static fn (int $cylinder): Place => BorePlace::ridge($cylinder, Station::Bottom)),
            $this->look('scoring', BoreFeature::Scoring, 'looks'),
            $this->look('pitting', BoreFeature::Pitting),
            ...$this->pits(),
            $this->look('crack', BoreFeature::Crack),
        ];
    }

    /** @return list<SheetRow> How deep the pits go, once they are felt anywhere */
    private function pits(): array
    {
        if (! $this->hasFeltPits()) {
            return [];
        }
        $cells = new WallCells($this->entries, $this->file->display);
        $depth = static fn (int $cylinder): SheetCell => $cells->of(BorePlace::look(BoreFeature::PitDepth, $cylinder));

        return [new SheetRow('reading', '', Line::of('sheet.row.deepest_pit'), array_map($depth, $this->cylinders))];
    }

    private function hasFeltPits(): bool
    {
        $isFelt = static fn (JudgedBore $bore): bool => $bore->inspection->looks->pitting?->hasDepth() === true ||
            $bore->inspection->wall->pitDepth !== null;

        return array_filter($this->file->assessment()->bores, $isFelt) !== [];
    }

    /** @return list<SheetRow> The end gap of each ring, squared in its bore */
    private function rings(): array
    {
        $cells = new WallCells($this->entries, $this->file->display);
        $rows = [];
        foreach ($this->file->sheet->rings as $index => $ring) {
            $gap = static fn (int $cylinder): SheetCell => $cells->of(BorePlace::ringGap($cylinder, $index + 1));
            $rows[] = new SheetRow(
                'reading',
                $index === 0 ? Line::of('sheet.row.rings') : '',
                Line::of('sheet.row.ring_gap', ['ring' => $ring->name]),
                array_map($gap, $this->cylinders),
            );
        }

        return $rows;
    }

    /**
     * The axes of a station that have a row: those that are needed, those of which anything is read, and all where somebody wants them.
     *
     * @return list<Axis>
     */
    private function axes(Station $station): array
    {
        $read = $this->entries->places->axesRead($station);
        $needed = $station === Station::Land ? [Axis::Inline] : Axis::NEEDED;

        return array_values(
            array_filter(
                Axis::cases(),
                fn (Axis $axis): bool => $this->showsAllAxes || in_array($axis, $needed, true) || isset($read[$axis->value]),
            ),
        );
    }

    /** @param  callable(int): Place  $place  By cylinder */
    private function readings(string $group, string $label, callable $place): SheetRow
    {
        $cell = fn (int $cylinder): SheetCell => $this->cells->length($place($cylinder));

        return new SheetRow('reading', $group, $label, array_map($cell, $this->cylinders));
    }

    private function look(string $label, BoreFeature $feature, string $group = ''): SheetRow
    {
        return $this->looked($label, static fn (int $cylinder): Place => BorePlace::look($feature, $cylinder), $group);
    }

    /** @param  callable(int): Place  $place  By cylinder */
    private function looked(string $label, callable $place, string $group = ''): SheetRow
    {
        $cell = fn (int $cylinder): SheetCell => $this->cells->look($place($cylinder));

        return new SheetRow(
            'look',
            $group === '' ? '' : Line::of("sheet.row.{$group}"),
            Line::of("sheet.row.{$label}"),
            array_map($cell, $this->cylinders),
        );
    }

    /** @param  list<SheetCell>  $cells */
    private static function derived(string $label, array $cells): SheetRow
    {
        return new SheetRow('derived', '', Line::of("sheet.row.{$label}"), $cells);
    }
}
