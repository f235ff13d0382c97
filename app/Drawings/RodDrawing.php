<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\CellState;
use App\Pages\Marks;
use App\Pages\PartCells;
use App\Pages\PartSheetView;
use App\Record\JobFile;
use NorthLedger\Core\Assessment\EngineInspection;
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

    private const HEIGHT = 170;

    private const UNDER_ONE_WEIGHT = 167;

    private const UNDER_TWO_WEIGHTS = 182;

    private const HEIGHT_WITH_TRUTH = 206;

    /**
     * @param  list<array{x: string, number: int, view: string, goto: string, parts: array<string, CellState>, weight: string,
     *     isOdd: bool, truth: array<string, CellState>, trueWeight: string}>  $rods  Each part by its name; of the truth none where
     *     nobody may know
     */
    private function __construct(public array $rods)
    {
    }

    /** With room for what is known beside what was read. */
    public function height(): int
    {
        return $this->rods[0]['truth'] === [] ? self::HEIGHT : self::HEIGHT_WITH_TRUTH;
    }

    /** Where the odd one is named: under its weights. */
    public function oddAt(): int
    {
        return $this->rods[0]['truth'] === [] ? self::UNDER_ONE_WEIGHT : self::UNDER_TWO_WEIGHTS;
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
        $pitch = self::WIDTH / count($rods);
        $odd = RodWeights::of($rods, $file->inspection()->measurements(Section::Rods))->oddOne();
        $asRead = self::drawn($rods, $file->inspection());
        $true = $truth->inspection() === null ? [] : self::drawn($rods, $truth->inspection());

        return new self(
            array_map(
                static fn (int $rod, int $index): array => [
                    'x' => Coordinate::of($pitch * ($index + 0.5)),
                    'number' => $rod,
                    'view' => PartCells::view(Place::at(RodFeature::BigEnd, $rod)),
                    'goto' => RodJudge::bigEnd($rod)[0]->key,
                    'parts' => $asRead[$rod]['parts'],
                    'weight' => $asRead[$rod]['weight'],
                    'isOdd' => $rod === $odd && self::isOut($file),
                    'truth' => $true[$rod]['parts'] ?? [],
                    'trueWeight' => $true[$rod]['weight'] ?? '',
                ],
                $rods,
                array_keys($rods),
            ),
        );
    }

    /**
     * @param  list<int>  $rods
     * @return array<int, array{parts: array<string, CellState>, weight: string}> By rod
     */
    private static function drawn(array $rods, EngineInspection $inspection): array
    {
        $measurements = $inspection->measurements(Section::Rods);
        $marks = PartSheetView::marks($inspection->judged(Section::Rods)->findings);
        $drawn = [];
        foreach ($rods as $rod) {
            $drawn[$rod] = [
                'parts' => array_map(
                    static fn (array $places): CellState => PartSheetView::worst($places, $measurements, $marks),
                    [
                        'beam' => [
                            Place::at(RodFeature::Centres, $rod),
                            Place::at(RodFeature::Bend, $rod),
                            Place::at(RodFeature::Twist, $rod),
                        ],
                        'smallEnd' => [Place::at(RodFeature::SmallEnd, $rod, '0'), Place::at(RodFeature::SmallEnd, $rod, '90')],
                        'bigEnd' => RodJudge::bigEnd($rod),
                    ],
                ),
                'weight' => self::weight(
                    $measurements->value(Place::at(RodFeature::BigEndMass, $rod)),
                    $measurements->value(Place::at(RodFeature::SmallEndMass, $rod)),
                ),
            ];
        }

        return $drawn;
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
