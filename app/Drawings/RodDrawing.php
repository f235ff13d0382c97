<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\CellState;
use App\Pages\Marks;
use App\Pages\PartCells;
use App\Pages\PartSheetView;
use App\Record\JobFile;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Rods\RodFeature;
use NorthLedger\Core\Features\Rods\RodJudge;
use NorthLedger\Core\Features\Rods\RodWeights;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\MassNotation;

/** The rods side by side: each end and the beam in its own state, and the one whose weight is odd named. */
final readonly class RodDrawing implements SheetDrawing
{
    public const WIDTH = 800;

    /**
     * @param  list<array{x: string, number: int, view: string, goto: string, bigEnd: CellState, beam: CellState, smallEnd: CellState,
     *     weight: string, isOdd: bool}>  $rods
     */
    private function __construct(public array $rods)
    {
    }

    public static function section(SpecificationSheet $sheet): Section
    {
        return Section::Rods;
    }

    public static function view(): string
    {
        return 'parts.rods';
    }

    public static function of(JobFile $file, Truth $truth): self
    {
        $rods = $file->sheet->layout->cylinders();
        sort($rods);
        $measurements = $file->inspection()->measurements(Section::Rods);
        $marks = PartSheetView::marks($file->inspection()->judged(Section::Rods)->findings);
        $worst = static function (array $places) use ($measurements, $marks): CellState {
            $states = array_map(
                static fn (Place $place): CellState => $measurements->isRead($place)
                    ? $marks[$place->key()] ?? CellState::Good
                    : CellState::Missing,
                $places,
            );

            return array_reduce($states, CellState::worse(...), CellState::Missing);
        };
        $odd = RodWeights::of($rods, $measurements)->oddOne();
        $pitch = self::WIDTH / count($rods);

        return new self(
            array_map(
                static fn (int $rod, int $index): array => [
                    'x' => Coordinate::of($pitch * ($index + 0.5)),
                    'number' => $rod,
                    'view' => PartCells::view(Place::at(RodFeature::BigEnd, $rod)),
                    'goto' => RodJudge::bigEnd($rod)[0]->key(),
                    'bigEnd' => $worst(RodJudge::bigEnd($rod)),
                    'smallEnd' => $worst([Place::at(RodFeature::SmallEnd, $rod, '0'), Place::at(RodFeature::SmallEnd, $rod, '90')]),
                    'beam' => $worst([
                        Place::at(RodFeature::Centres, $rod),
                        Place::at(RodFeature::Bend, $rod),
                        Place::at(RodFeature::Twist, $rod),
                    ]),
                    'weight' => self::weight(
                        $measurements->value(Place::at(RodFeature::BigEndMass, $rod)),
                        $measurements->value(Place::at(RodFeature::SmallEndMass, $rod)),
                    ),
                    'isOdd' => $rod === $odd && self::isOut($file),
                ],
                $rods,
                array_keys($rods),
            ),
        );
    }

    private static function isOut(JobFile $file): bool
    {
        return app(Marks::class)->areShown &&
            array_filter(
                $file->inspection()->judged(Section::Rods)->failures(),
                static fn (Finding $finding): bool => $finding->rule === 'ROD-3',
            ) !== [];
    }

    private static function weight(int|float|null $bigEnd, int|float|null $smallEnd): string
    {
        return $bigEnd === null || $smallEnd === null ? '' : MassNotation::grams((int) $bigEnd + (int) $smallEnd).' g';
    }
}
