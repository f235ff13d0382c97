<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Drawings\BoreCentre;
use App\Drawings\BoreProfile;
use App\Drawings\Truth;
use App\Drawings\WallMap;
use App\Drawings\WornWall;
use App\Pages\BoreNeed;
use App\Pages\CellState;
use App\Pages\Marks;
use App\Pages\SheetCell;
use App\Pages\SheetRow;
use App\Pages\Stamp;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Said;
use App\Storage\SheetName;
use App\Words\Line;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\CylinderToPlan;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\ReborePlan;
use NorthLedger\Core\Features\Bores\WearMap;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** One bore with everything known of its wall: drawings, the table of the traced wall, and what each size would do. */
final readonly class BorePage
{
    /** The directions that are traced unless somebody adds others (BORE-8). */
    public const DIRECTIONS = [0, 45, 90, 135, 180, 225, 270, 315];

    /**
     * @param  list<int>  $cylinders
     * @param  list<SheetRow>  $rows
     * @param  list<BoreNeed>  $needs
     * @param  list<array{name: string, text: string}>  $map  What the wear map says; empty without one
     * @param  list<RingGapLine>  $ringGaps
     */
    private function __construct(
        public int $cylinder,
        public array $cylinders,
        public array $rows,
        public string $unit,
        public Stamp $stamp,
        public array $needs,
        public array $map,
        public string $missing,
        public array $ringGaps,
        public BoreCentre $centre,
        public WallMap $wallMap,
        public BoreProfile $profile,
    ) {
    }

    public static function of(JobFile $file, int $cylinder): self
    {
        $assessment = $file->assessment();
        $bore = array_values(array_filter($assessment->bores, static fn (JudgedBore $one): bool => $one->cylinder() === $cylinder))[0];
        $plan = app(Marks::class)->areShown ? $assessment->plan : null;
        $needs = $plan === null ? [] : self::needs($plan, $cylinder, $file->display);
        $wall = WornWall::of($file, $cylinder);
        $asMade = $file->sheet->bore->sizeAt($assessment->step->value ?? Length::zero());
        $map = self::wearMap($file, $bore, $asMade);

        return new self(
            $cylinder,
            $file->sheet->layout->cylinders(),
            self::rows($file, $cylinder),
            $file->display->deviationUnit(),
            self::stamp($needs, $bore),
            $needs,
            $map === null ? [] : self::told($map, $file),
            $map === null
                ? Line::of('sheet.bore.trace')
                : '',
            array_map(
                static fn (Said $said): RingGapLine => RingGapLine::of($said, $file),
                array_values(
                    array_filter(
                        $file->record->observations()->all(EntryKind::RingGap),
                        static fn (Said $said): bool => $said->whole('cylinder') === $cylinder,
                    ),
                ),
            ),
            BoreCentre::of($wall, $needs, $asMade),
            WallMap::of($wall, $file->display),
            BoreProfile::of($file, $bore->measures, $wall, WornWall::true($file, $cylinder, app(Truth::class))),
        );
    }

    /** @return list<Place> In the order in which they are keyed: round the top, round the others, then the walls */
    public static function places(int $cylinder): array
    {
        $places = [];
        foreach (Station::JUDGED as $station) {
            foreach (self::DIRECTIONS as $degrees) {
                $places[] = BorePlace::trace($cylinder, $station, $degrees);
            }
        }
        foreach (self::DIRECTIONS as $degrees) {
            $places[] = BorePlace::wall($cylinder, $degrees);
        }

        return [...$places, BorePlace::look(BoreFeature::PitDepth, $cylinder)];
    }

    /** @return list<SheetRow> */
    private static function rows(JobFile $file, int $cylinder): array
    {
        $cells = new WallCells($file->record->entries(SheetName::bores()), $file->display);
        $rows = array_map(
            static fn (int $degrees): SheetRow => new SheetRow(
                'reading',
                '',
                self::direction($degrees),
                [
                    ...array_map(
                        static fn (Station $station): SheetCell => $cells->of(BorePlace::trace($cylinder, $station, $degrees)),
                        Station::JUDGED,
                    ),
                    $cells->of(BorePlace::wall($cylinder, $degrees)),
                ],
            ),
            self::DIRECTIONS,
        );

        $pit = $cells->of(BorePlace::look(BoreFeature::PitDepth, $cylinder));

        return [...$rows, new SheetRow('reading', '', Line::of('sheet.bore.deepest_pit'), [$pit])];
    }

    /** “90° rear” */
    private static function direction(int $degrees): string
    {
        return Line::ifThereIs("sheet.bore.direction.{$degrees}") ?? Line::of('sheet.bore.direction.between', ['degrees' => $degrees]);
    }

    /** @return list<BoreNeed> */
    private static function needs(ReborePlan $plan, int $cylinder, LengthDisplay $display): array
    {
        $one = array_values(array_filter($plan->cylinders, static fn (CylinderToPlan $one): bool => $one->number === $cylinder))[0];

        return array_map(
            static fn (Length $step): BoreNeed => BoreNeed::of($plan->block, $one, $plan->required[$cylinder], $step, $display),
            $plan->block->stepsAbove($plan->block->currentStep),
        );
    }

    private static function wearMap(JobFile $file, JudgedBore $bore, Length $asMade): ?WearMap
    {
        return CylinderToPlan::map(
            $bore->inspection->wall,
            $asMade,
            $file->policy->boreAllowances($file->sheet->unit)->cleanUpStock,
            $file->policy->boreAllowances($file->sheet->unit)->shiftOf($file->sheet->bore),
        );
    }

    /** @return list<array{name: string, text: string}> */
    private static function told(WearMap $map, JobFile $file): array
    {
        $display = $file->display;
        $direction = BoreNeed::degrees(rad2deg(atan2($map->freeCentre->y, $map->freeCentre->x)));
        $allowed = $file->policy->boreAllowances($file->sheet->unit)->shiftOf($file->sheet->bore);
        $isFar = $map->freeShift->isLargerThan($allowed);

        return array_values(
            array_filter([
                ['name' => Line::of('sheet.bore.on_centre'), 'text' => $display->sizeWithUnit($map->centred)],
                [
                    'name' => Line::of('sheet.bore.best_centre'),
                    'text' => Line::of('sheet.bore.shifted', [
                        'size' => $display->sizeWithUnit($map->free),
                        'shift' => $display->magnitude($map->freeShift),
                        'direction' => $direction,
                    ]),
                ],
                $isFar
                    ? [
                        'name' => Line::of('sheet.bore.best_allowed'),
                        'text' => Line::of('sheet.bore.shifted_most', [
                            'size' => $display->sizeWithUnit($map->constrained),
                            'shift' => $display->magnitude($allowed),
                        ]),
                    ]
                    : null,
            ]),
        );
    }

    /** @param  list<BoreNeed>  $needs */
    private static function stamp(array $needs, JudgedBore $bore): Stamp
    {
        $first = array_values(array_filter($needs, static fn (BoreNeed $need): bool => $need->state !== CellState::Out))[0] ?? null;

        return match (true) {
            ! $bore->measures->isRead() && $bore->inspection->wall->traced === [] => new Stamp(
                Line::of('sheet.stamp.not_yet_read'),
                Line::of('sheet.bore.cylinder', ['cylinder' => $bore->cylinder()]),
                'missing',
            ),
            $needs === [] => new Stamp(Line::of('sheet.stamp.no_size_yet'), Line::of('sheet.bore.no_step'), 'missing'),
            $first === null => new Stamp(
                Line::of('sheet.stamp.no_size_cleans_up'),
                Line::of('sheet.bore.is_sleeved', ['cylinder' => $bore->cylinder()]),
                'out',
            ),
            default => new Stamp(
                Line::of('sheet.bore.cleans_up_at', ['size' => $first->name]),
                Line::of($first->state === CellState::Close ? 'sheet.bore.off' : 'sheet.bore.on'),
                $first->state === CellState::Close ? 'close' : 'good',
            ),
        };
    }
}
