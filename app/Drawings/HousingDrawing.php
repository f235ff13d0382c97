<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\CellState;
use App\Pages\PartCells;
use App\Pages\PartSheetView;
use App\Record\JobFile;
use App\Words\Line;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\NoGo;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Housings\HousingFeature;
use NorthLedger\Core\Features\Housings\HousingPlaces;
use NorthLedger\Core\Inspection\CharacteristicRows;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/** The housings in a row with their clock positions and no-gos, and their line below, both exaggerated. */
final readonly class HousingDrawing implements SheetDrawing
{
    public const WIDTH = 800;

    public const HEIGHT = 186;

    private const RADIUS = 40;

    public const CENTRE = 66;

    private const LINE = 154;

    /**
     * @param  list<array{x: string, number: int, view: string, goto: string, state: CellState, outline: string, truth: string,
     *     ticks: list<array{x1: string, y1: string, x2: string, y2: string}>, noGos: list<array{x: string, y: string, words: string}>,
     *     caption: string}> $housings
     * @param  list<array{x: string, y: string, text: string, state: CellState}>  $line
     */
    private function __construct(
        public array $housings,
        public array $line,
        public string $path,
        public string $truePath,
        public string $factor,
    ) {
    }

    public static function section(SpecificationSheet $sheet): Section
    {
        return Section::Housings;
    }

    public static function view(): string
    {
        return 'parts.housings';
    }

    public static function of(JobFile $file, Truth $truth): self
    {
        $spec = $file->sheet->housings;
        $measurements = $file->inspection()->measurements(Section::Housings);
        $places = array_merge([], ...array_map(static fn (int $housing): array => self::places($file, $housing), range(1, $spec->count)));
        $sizes = array_column($measurements->readings($places), 'corrected');
        $nominal = CharacteristicRows::middle($spec->diameter) ?? Length::largest(Length::zero(), ...$sizes);
        $worn = Worn::over(
            array_map(static fn (Length $size): Length => $size->minus($nominal), [...$sizes, ...self::true($truth, $places)]),
            $spec->outOfRound?->times(2),
        );
        $line = array_map(static fn (int $housing): Place => Place::at(HousingFeature::Offset, $housing), range(1, $spec->count));
        $offsets = Worn::over(
            [...array_column($measurements->readings($line), 'corrected'), ...self::true($truth, $line)],
            $spec->stepOverall,
        );
        $marks = PartSheetView::marks($file->inspection()->judged(Section::Housings)->findings);
        $pitch = self::WIDTH / $spec->count;
        $housings = $dots = $trueDots = [];
        foreach (range(1, $spec->count) as $housing) {
            $x = $pitch * ($housing - 0.5);
            $housings[] = self::housing($file, $housing, $x, $measurements, $nominal, $worn, $marks, $truth);
            $offset = $measurements->length($line[$housing - 1]);
            if ($offset !== null) {
                $dots[] = [
                    'x' => Coordinate::of($x),
                    'y' => Coordinate::of(self::LINE - $offsets->units($offset)),
                    'text' => $file->display->deviation($offset),
                    'state' => $marks["offset.{$housing}"] ?? CellState::Good,
                ];
            }
            foreach (self::true($truth, [$line[$housing - 1]]) as $is) {
                $trueDots[] = Coordinate::of($x).','.Coordinate::of(self::LINE - $offsets->units($is));
            }
        }

        return new self(
            $housings,
            $dots,
            implode(' ', array_map(static fn (array $point): string => "{$point['x']},{$point['y']}", $dots)),
            implode(' ', $trueDots),
            Line::of('drawing.wear', ['times' => $worn->factor($nominal->half(), self::RADIUS)]),
        );
    }

    /**
     * @param  list<Place>  $places
     * @return list<Length>
     */
    private static function true(Truth $truth, array $places): array
    {
        return array_values(
            array_filter(array_map(static fn (Place $place): ?Length => $truth->at(Section::Housings, $place), $places)),
        );
    }

    /** @return list<Place> */
    private static function places(JobFile $file, int $housing): array
    {
        return array_map(
            static fn (int $degrees): Place => Place::at(HousingFeature::Housing, $housing, (string) $degrees),
            HousingPlaces::directions($file->sheet->housings, $housing),
        );
    }

    /**
     * @param  array<string, CellState>  $marks
     * @return array{x: string, number: int, view: string, goto: string, state: CellState, outline: string, truth: string,
     *     ticks: list<array{x1: string, y1: string, x2: string, y2: string}>, noGos: list<array{x: string, y: string, words: string}>,
     *     caption: string}
     */
    private static function housing(
        JobFile $file,
        int $housing,
        float $x,
        Measurements $measurements,
        Length $nominal,
        Worn $worn,
        array $marks,
        Truth $truth,
    ): array {
        $state = CellState::Missing;
        $outline = $trueOutline = $ticks = [];
        foreach (self::places($file, $housing) as $place) {
            $degrees = (float) $place->spot;
            [$fromX, $fromY] = self::at($degrees, self::RADIUS - 6);
            [$toX, $toY] = self::at($degrees, self::RADIUS + 6);
            array_push($ticks, self::tick($fromX, $fromY, $toX, $toY), self::tick(-$fromX, -$fromY, -$toX, -$toY));
            $size = $measurements->length($place);
            if ($size !== null) {
                $radius = self::RADIUS + $worn->units($size->minus($nominal));
                $outline[(int) $degrees] = $radius;
                $outline[(int) $degrees + 180] = $radius;
                $state = CellState::worse($state, $marks[$place->key] ?? CellState::Good);
            }
            foreach (self::true($truth, [$place]) as $is) {
                $radius = self::RADIUS + $worn->units($is->minus($nominal));
                $trueOutline[(int) $degrees] = $radius;
                $trueOutline[(int) $degrees + 180] = $radius;
            }
        }
        $points = count($outline) === 8 ? self::round($outline) : [];

        return [
            'x' => Coordinate::of($x),
            'number' => $housing,
            'view' => PartCells::view(Place::at(HousingFeature::Housing, $housing)),
            'goto' => self::places($file, $housing)[0]->key,
            'state' => $state,
            'outline' => implode(' ', $points),
            'truth' => count($trueOutline) === 8 ? implode(' ', self::round($trueOutline)) : '',
            'ticks' => $ticks,
            'noGos' => array_values(
                array_map(static function (NoGo $one): array {
                    [$noX, $noY] = self::at((float) $one->degrees, self::RADIUS);

                    return ['x' => Coordinate::of($noX), 'y' => Coordinate::of($noY), 'words' => $one->words];
                }, array_filter($file->sheet->housings->noGo, static fn (NoGo $one): bool => $one->housing === $housing)),
            ),
            'caption' => $state === CellState::Missing ? Line::of('sheet.cell.missing') : '',
        ];
    }

    /**
     * Through the measured directions as a smooth line.
     *
     * @param  array<int, float>  $radii  By degrees
     * @return list<string>
     */
    private static function round(array $radii): array
    {
        ksort($radii);
        $measured = array_keys($radii);
        $points = [];
        foreach ($measured as $index => $from) {
            $to = $measured[$index + 1] ?? $measured[0] + 360;
            for ($degrees = $from; $degrees < $to; $degrees += 5) {
                $share = (1 - cos((M_PI * ($degrees - $from)) / ($to - $from))) / 2;
                $points[] = implode(
                    ',',
                    array_map(
                        Coordinate::of(...),
                        self::at((float) $degrees, $radii[$from] + $share * ($radii[$to % 360] - $radii[$from])),
                    ),
                );
            }
        }

        return $points;
    }

    /** @return array{float, float} Clockwise from the top */
    private static function at(float $degrees, float $radius): array
    {
        return [$radius * sin(deg2rad($degrees)), -$radius * cos(deg2rad($degrees))];
    }

    /** @return array{x1: string, y1: string, x2: string, y2: string} */
    private static function tick(float $fromX, float $fromY, float $toX, float $toY): array
    {
        return ['x1' => Coordinate::of($fromX), 'y1' => Coordinate::of($fromY), 'x2' => Coordinate::of($toX), 'y2' => Coordinate::of($toY)];
    }
}
