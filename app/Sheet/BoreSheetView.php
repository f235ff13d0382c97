<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\CellState;
use App\Pages\Marks;
use App\Pages\SetupLine;
use App\Pages\SheetCell;
use App\Pages\SheetCells;
use App\Pages\SheetRow;
use App\Record\JobFile;
use App\Record\SheetEntries;
use App\Storage\SheetName;
use App\Storage\StatedSetup;
use App\Words\Line;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BoreMeasures;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Verification\VerifiedBore;

/** The bore sheet as finished strings, row by row: what a page shows of it, and nothing it would have to compute. */
final readonly class BoreSheetView
{
    /**
     * @param  list<int>  $cylinders
     * @param  list<SheetRow>  $rows
     * @param  string  $base  What deviations are shown against
     */
    private function __construct(
        public array $cylinders,
        public array $rows,
        public string $base,
        public string $unit,
        public ?SetupLine $boreSetup,
        public ?SetupLine $pistonSetup,
    ) {
    }

    /** @param  bool  $showsAllAxes  Also the axes and the land that are not needed, where nothing of them is read */
    public static function of(JobFile $file, SheetName $sheet, bool $showsAllAxes = false): self
    {
        $entries = $file->record->entries($sheet);
        $setup = $entries->gauges->current(BoreFeature::Bore);
        $base = self::base($file, $sheet, $setup);
        $cells = new SheetCells($file, $entries, $base, self::marks($file, $sheet));
        $cylinders = $file->sheet->layout->cylinders();
        $measures =
            $sheet->occasion === Occasion::Incoming
                ? array_map(static fn (JudgedBore $bore): BoreMeasures => $bore->measures, $file->assessment()->bores)
                : array_map(
                    static fn (int $cylinder): BoreMeasures => BoreMeasures::of(
                        $entries->bores()->inspection($cylinder, $file->sheet, $file->policy),
                    ),
                    $cylinders,
                );
        $limits = $sheet->occasion === Occasion::Incoming ? $file->sheet->bore->service : $file->sheet->bore->finished;

        $rows = [];
        foreach (Station::JUDGED as $station) {
            foreach (self::axes($entries, $station, $showsAllAxes) as $index => $axis) {
                $rows[] = new SheetRow(
                    'reading',
                    $index === 0 ? ucfirst($station->value) : '',
                    Line::ofCode('places.axis', $axis),
                    array_map(
                        static fn (int $cylinder): SheetCell => $cells->length(BorePlace::bore($cylinder, $station, $axis)),
                        $cylinders,
                    ),
                );
            }
            $rows[] = new SheetRow(
                'derived',
                '',
                'out-of-round',
                array_map(
                    static fn (BoreMeasures $one): SheetCell => $cells->spread($one->outOfRound[$station->value], $limits->outOfRound),
                    $measures,
                ),
            );
        }
        $rows[] = new SheetRow(
            'derived',
            '',
            'taper',
            array_map(static fn (BoreMeasures $one): SheetCell => $cells->taper($one, $limits->taper), $measures),
        );
        $rows = [
            ...$rows,
            ...self::otherRows(
                $cells,
                $sheet,
                $cylinders,
                self::axes($entries, Station::Land, $showsAllAxes),
                $sheet->occasion === Occasion::Incoming ? $file->assessment()->bores : [],
                $sheet->occasion === Occasion::Incoming ? self::pits($file, $entries) : [],
            ),
            ...$sheet->occasion === Occasion::Final ? self::rings($file, $entries) : [],
        ];

        return new self(
            $cylinders,
            $rows,
            $file->display->size($base),
            $file->display->deviationUnit(),
            SetupLine::of($setup, $file),
            SetupLine::of($entries->gauges->current(BoreFeature::Piston), $file),
        );
    }

    /**
     * @param  list<int>  $cylinders
     * @param  list<Axis>  $landAxes
     * @param  list<JudgedBore>  $bores
     * @param  list<SheetRow>  $pits
     * @return list<SheetRow>
     */
    private static function otherRows(
        SheetCells $cells,
        SheetName $sheet,
        array $cylinders,
        array $landAxes,
        array $bores,
        array $pits,
    ): array {
        $row = static fn (string $kind, string $group, string $label, callable $place): SheetRow => new SheetRow(
            $kind,
            $group,
            $label,
            array_map(
                static fn (int $cylinder): SheetCell => $kind === 'reading'
                    ? $cells->length($place($cylinder))
                    : $cells->look($place($cylinder)),
                $cylinders,
            ),
        );
        $pistons = [
            $row('reading', Line::of('sheet.row.piston'), Line::of('sheet.row.skirt'), BorePlace::piston(...)),
            new SheetRow(
                'reading',
                '',
                Line::of('sheet.row.weight'),
                array_map(
                    static fn (int $cylinder): SheetCell => $cells->weight(Place::at(WeightFeature::PistonWeight, $cylinder)),
                    $cylinders,
                ),
            ),
        ];
        if ($sheet->occasion === Occasion::Final) {
            return [
                ...$pistons,
                $row('look', 'Wall', 'finish', static fn (int $cylinder): Place => BorePlace::look(BoreFeature::Finish, $cylinder)),
            ];
        }
        if (array_filter($bores, static fn (JudgedBore $bore): bool => $bore->clearance !== null) !== []) {
            $pistons[] = new SheetRow('derived', '', 'clearance', array_map($cells->clearance(...), $bores));
        }

        return [
            ...array_map(
                static fn (Axis $axis, int $index): SheetRow => $row(
                    'reading',
                    $index === 0 ? 'Land' : '',
                    Line::ofCode('places.axis', $axis),
                    static fn (int $cylinder): Place => BorePlace::bore($cylinder, Station::Land, $axis),
                ),
                $landAxes,
                array_keys($landAxes),
            ),
            ...$pistons,
            $row('look', 'Ridge', 'top', static fn (int $cylinder): Place => BorePlace::ridge($cylinder, Station::Top)),
            $row('look', '', 'bottom', static fn (int $cylinder): Place => BorePlace::ridge($cylinder, Station::Bottom)),
            $row('look', 'Looks', 'scoring', static fn (int $cylinder): Place => BorePlace::look(BoreFeature::Scoring, $cylinder)),
            $row('look', '', 'pitting', static fn (int $cylinder): Place => BorePlace::look(BoreFeature::Pitting, $cylinder)),
            ...$pits,
            $row('look', '', 'crack', static fn (int $cylinder): Place => BorePlace::look(BoreFeature::Crack, $cylinder)),
        ];
    }

    /** @return list<SheetRow> How deep the pits go, once they are felt anywhere */
    private static function pits(JobFile $file, SheetEntries $entries): array
    {
        $felt = array_filter(
            $file->assessment()->bores,
            static fn (JudgedBore $bore): bool => $bore->inspection->looks->pitting?->hasDepth() === true ||
                $bore->inspection->wall->pitDepth !== null,
        );
        $cells = new WallCells($entries, $file->display);

        return $felt === []
            ? []
            : [
                new SheetRow(
                    'reading',
                    '',
                    Line::of('sheet.row.deepest_pit'),
                    array_map(
                        static fn (int $cylinder): SheetCell => $cells->of(BorePlace::look(BoreFeature::PitDepth, $cylinder)),
                        $file->sheet->layout->cylinders(),
                    ),
                ),
            ];
    }

    /** @return list<SheetRow> The end gap of each ring, squared in its bore */
    private static function rings(JobFile $file, SheetEntries $entries): array
    {
        $cells = new WallCells($entries, $file->display);
        $rows = [];
        foreach ($file->sheet->rings as $index => $ring) {
            $rows[] = new SheetRow(
                'reading',
                $index === 0 ? Line::of('sheet.row.rings') : '',
                Line::of('sheet.row.ring_gap', ['ring' => $ring->name]),
                array_map(
                    static fn (int $cylinder): SheetCell => $cells->of(BorePlace::ringGap($cylinder, $index + 1)),
                    $file->sheet->layout->cylinders(),
                ),
            );
        }

        return $rows;
    }

    /**
     * The axes of a station that have a row: those that are needed, those of which anything is read, and all where somebody wants them.
     *
     * @return list<Axis>
     */
    private static function axes(SheetEntries $entries, Station $station, bool $areAll): array
    {
        $read = $entries->axesRead($station);
        $needed = $station === Station::Land ? [Axis::Inline] : Axis::NEEDED;

        return array_values(
            array_filter(
                Axis::cases(),
                static fn (Axis $axis): bool => $areAll || in_array($axis, $needed, true) || isset($read[$axis->value]),
            ),
        );
    }

    /** Deviations are shown against the gauge's zero, so that the sheet says what the gauge said; else against the bore as made. */
    private static function base(JobFile $file, SheetName $sheet, ?StatedSetup $setup): Length
    {
        $step = $sheet->occasion === Occasion::Final ? $file->work()->chosen()?->step : $file->assessment()->step->value;

        return ($setup === null ? null : $file->record->entries($sheet)->gauges->zero($setup)) ??
            $file->sheet->bore->sizeAt($step ?? Length::zero());
    }

    /** @return array<string, CellState> By place key */
    private static function marks(JobFile $file, SheetName $sheet): array
    {
        return $sheet->occasion === Occasion::Incoming
            ? self::incomingMarks(app(Marks::class)->areShown ? $file->assessment()->bores : [])
            : self::finishedMarks($file->work()->verification()->bores());
    }

    /**
     * @param  list<JudgedBore>  $bores
     * @return array<string, CellState>
     */
    public static function incomingMarks(array $bores): array
    {
        $marks = [];
        foreach ($bores as $bore) {
            foreach ($bore->findings as $finding) {
                $state = match (true) {
                    $finding->outcome === Outcome::Fail => $finding->readings === [] ? CellState::Out : CellState::Basis,
                    $finding->outcome === Outcome::Undecided => CellState::Undecided,
                    $finding->isCloseCall => CellState::Close,
                    default => CellState::Good,
                };
                foreach ($finding->places as $place) {
                    $marks[$place->key()] = CellState::worse($marks[$place->key()] ?? CellState::Good, $state);
                }
            }
        }

        return $marks;
    }

    /**
     * @param  array<int, VerifiedBore>  $bores
     * @return array<string, CellState>
     */
    private static function finishedMarks(array $bores): array
    {
        $marks = [];
        foreach ($bores as $bore) {
            foreach ($bore->outOfTarget() as $key) {
                $marks[$key] = CellState::Out;
            }
        }

        return $marks;
    }
}
