<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\CellState;
use App\Pages\PartCells;
use App\Record\JobFile;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Faces\FaceGrid;
use NorthLedger\Core\Features\Faces\FaceKind;
use NorthLedger\Core\Features\Faces\FacePlan;
use NorthLedger\Core\Features\Faces\MeasuredFace;
use NorthLedger\Core\Quantity\Length;

/** One face from above: shaded by height between the points that were read, with contour lines, and what each light pass would touch. */
final readonly class FaceMap
{
    public const WIDTH = 400;

    private const LEVELS = 8;

    private const MOST_PASSES = 12;

    /** Where the size of the face is not known, bores are not drawn into each other. */
    private const MOST_OF_THE_PITCH = 0.94;

    /** Beside its place, so that the rows close to each other stay apart; of the last column, outside the face. */
    private const LABEL_BESIDE = 8;

    /**
     * @param  list<array{path: string, shade: string}>  $shades  The low places, by how low they are
     * @param  list<string>  $contours  Path of each level
     * @param  list<string>  $trueContours  Of the face as it is; none where nobody may know
     * @param  list<array{x: string, y: string, radius: string}>  $bores
     * @param  list<array{at: string, to: string, words: string}>  $stamps  Where the sheet says that numbers stand
     * @param  list<array{at: string, goto: string, label: string, text: string, state: CellState, pass: ?int}>  $points
     * @param  list<string>  $passes  What stands after so many light cuts, in words
     */
    private function __construct(
        public string $name,
        public string $view,
        public string $viewBox,
        public int $height,
        public array $shades,
        public array $contours,
        public array $trueContours,
        public array $bores,
        public array $stamps,
        public array $points,
        public array $passes,
        public string $caption,
        public string $shims,
    ) {
    }

    /** @param  ?MeasuredFace  $true  As it is; null where nobody may know */
    public static function of(JobFile $file, MeasuredFace $face, ?MeasuredFace $true): self
    {
        [$kind, $bank] = [$face->kind, $face->bank];
        [$length, $width] = FaceGrid::size($face->spec);
        $scale = self::WIDTH / $length;
        $height = (int) round($width * $scale);
        $plan = $face->plan();
        $light = $file->policy->partAllowances($file->sheet->unit)->lightCut;
        $interval = $file->policy->partAllowances($file->sheet->unit)->shimStep;
        $surface = self::surface($face);
        $trueContours = $true === null ? [] : self::surface($true)?->contours($interval->nanometres, $scale) ?? [];
        $bores = $file->sheet->layout->banks[$bank - 1];

        return new self(
            Messages::text($kind->name($file->sheet, $bank)),
            PartCells::view(Place::at($kind->point(), $bank)),
            sprintf('-8 -14 %d %d', self::WIDTH + 40, $height + 22),
            $height,
            $surface === null ? [] : self::shading($surface, $height),
            $surface?->contours($interval->nanometres, $scale) ?? [],
            $trueContours,
            $kind === FaceKind::Deck ? self::bores($file, count($bores), $face, $scale) : [],
            $kind === FaceKind::Deck ? self::stamps($file, $face, $height, $scale) : [],
            self::points($file, $face, $scale, $light),
            $plan === null ? [] : self::passes($plan, $light, $file),
            trim(self::caption($plan, $interval, $file).' '.self::truth($true, $trueContours !== [], $file)),
            $plan === null || $face->missing !== [] ? '' : self::shims($plan, $face, $file),
        );
    }

    private static function surface(MeasuredFace $face): ?FaceSurface
    {
        return $face->heights === [] ? null : new FaceSurface(array_values($face->heights), ...FaceGrid::size($face->spec));
    }

    private static function caption(?FacePlan $plan, Length $interval, JobFile $file): string
    {
        return $plan === null
            ? Line::of('drawing.told.fewer_than_four_heights')
            : Line::of('drawing.face.lines', [
                'interval' => $file->display->magnitudeWithUnit($interval),
                'flat' => $file->display->magnitudeWithUnit($plan->flatness()),
            ]);
    }

    private static function truth(?MeasuredFace $true, bool $hasLines, JobFile $file): string
    {
        $flatness = $true?->plan()?->flatness();

        return $flatness === null
            ? ''
            : Line::of($hasLines ? 'drawing.face.true_lines' : 'drawing.face.true', [
                'flat' => $file->display->magnitudeWithUnit($flatness),
            ]);
    }

    /**
     * Cells of one shade side by side become one piece, and all pieces of one shade one path.
     *
     * @return list<array{path: string, shade: string}>
     */
    private static function shading(FaceSurface $surface, int $height): array
    {
        $x = array_map(
            static fn (int $column): string => Coordinate::of(($column * self::WIDTH) / FaceSurface::COLUMNS),
            range(0, FaceSurface::COLUMNS),
        );
        $y = array_map(static fn (int $row): string => Coordinate::of(($row * $height) / FaceSurface::ROWS), range(0, FaceSurface::ROWS));
        $paths = [];
        for ($row = 0; $row < FaceSurface::ROWS; $row++) {
            $from = 0;
            $level = self::level($surface, 0, $row);
            for ($column = 1; $column <= FaceSurface::COLUMNS; $column++) {
                $next = $column === FaceSurface::COLUMNS ? null : self::level($surface, $column, $row);
                if ($next !== $level) {
                    $paths[$level] = ($paths[$level] ?? '')."M{$x[$from]} {$y[$row]}H{$x[$column]}V{$y[$row + 1]}H{$x[$from]}z";
                    [$from, $level] = [$column, $next];
                }
            }
        }
        unset($paths[0]);
        ksort($paths);

        return array_map(
            static fn (string $path, int $level): array => [
                'path' => $path,
                'shade' => number_format((0.5 * $level) / self::LEVELS, 2, '.', ''),
            ],
            $paths,
            array_keys($paths),
        );
    }

    private static function level(FaceSurface $surface, int $column, int $row): int
    {
        return (int) round(self::LEVELS * $surface->shareOfDepth($column, $row));
    }

    /** @return list<array{x: string, y: string, radius: string}> */
    private static function bores(JobFile $file, int $count, MeasuredFace $face, float $scale): array
    {
        [$length, $width] = FaceGrid::size($face->spec);
        $pitch = $length / $count;
        $radius = min($file->sheet->bore->nominal->nanometres, $pitch * self::MOST_OF_THE_PITCH) / 2;

        return array_map(
            static fn (int $index): array => [
                'x' => Coordinate::of(($index + 0.5) * $pitch * $scale),
                'y' => Coordinate::of(($width / 2) * $scale),
                'radius' => Coordinate::of($radius * $scale),
            ],
            range(0, $count - 1),
        );
    }

    /** @return list<array{at: string, to: string, words: string}> */
    private static function stamps(JobFile $file, MeasuredFace $face, int $height, float $scale): array
    {
        $places = [];
        foreach (FaceGrid::of($face->spec, count($file->sheet->layout->banks[$face->bank - 1]))->points as $spot => [$x, $y]) {
            if (isset($face->heights[$spot]) || FaceGrid::isNeeded($spot)) {
                $places[] = [$x * $scale, $y * $scale];
            }
        }

        return (new FaceStamps(self::WIDTH, $height, $places))->drawn($file->sheet->stampedPlacesOf($face->bank));
    }

    /** @return list<array{at: string, goto: string, label: string, text: string, state: CellState, pass: ?int}> */
    private static function points(JobFile $file, MeasuredFace $face, float $scale, Length $light): array
    {
        $heights = array_column($face->heights, 'z');
        $top = $heights === [] ? 0 : max($heights);
        $points = [];
        foreach (FaceGrid::of($face->spec, count($file->sheet->layout->banks[$face->bank - 1]))->points as $spot => [$x, $y]) {
            $height = $face->heights[$spot] ?? null;
            if ($height === null && ! FaceGrid::isNeeded($spot)) {
                continue;
            }
            $isAtTheEdge = $x * 10 > FaceGrid::size($face->spec)[0] * 9;
            $points[] = [
                'at' => Coordinate::of($x * $scale).','.Coordinate::of($y * $scale),
                'goto' => Place::at($face->kind->point(), $face->bank, $spot)->key,
                'label' => $isAtTheEdge ? Coordinate::of(self::WIDTH - $x * $scale + self::LABEL_BESIDE / 2) : (string) self::LABEL_BESIDE,
                'text' => $height === null ? '' : $file->display->magnitude(Length::ofNanometres($top - $height->z)),
                'state' => $height === null ? CellState::Missing : CellState::Good,
                'pass' => $height === null ? null : intdiv($top - $height->z + $light->nanometres - 1, $light->nanometres),
            ];
        }

        return $points;
    }

    /** @return list<string> */
    private static function passes(FacePlan $plan, Length $light, JobFile $file): array
    {
        $all = min(self::MOST_PASSES, intdiv($plan->cutAsItSits->nanometres + $light->nanometres - 1, $light->nanometres));

        return array_map(static function (int $count) use ($plan, $light, $file): string {
            $pass = $plan->pass($light->times($count), $light);
            $percent = (int) round(100 * $pass->shareTouched);

            return Line::counted('drawing.face.pass', $pass->pointsTouched, [
                'depth' => $file->display->magnitudeWithUnit($pass->depth),
                'percent' => $percent,
                'left' => Line::counted('drawing.face.left', $pass->lightCutsRemaining),
            ]);
        }, range(0, $all));
    }

    private static function shims(FacePlan $plan, MeasuredFace $face, JobFile $file): string
    {
        $asItSits = ['cut' => $file->display->magnitudeWithUnit($plan->cutAsItSits)];
        if (! $plan->hasTilt()) {
            return '';
        }
        if (! $file->inspection()->mayBeShimmed($face)) {
            return Line::of('drawing.face.not_square', $asItSits);
        }
        $allowances = $file->policy->partAllowances($file->sheet->unit);
        $best = $face->bestShims($plan, $allowances->shimStep, $allowances->mostShim);
        if ($best->hasNone()) {
            return Line::of('drawing.face.no_shims', $asItSits);
        }
        $words = implode(
            ', ',
            array_map(
                static fn (string $corner, int $shim): string => Line::of("drawing.face.{$corner}", [
                    'shim' => $file->display->magnitude(Length::ofNanometres($shim)),
                ]),
                ['front_intake', 'rear_intake', 'rear_exhaust', 'front_exhaust'],
                $best->shims,
            ),
        );

        return Line::of($best->rockLength()->isPositive() ? 'drawing.face.shims_rocking' : 'drawing.face.shims', [
            'shims' => $words,
            'shimmed' => $file->display->magnitudeWithUnit($best->cutLength()),
            'rock' => $file->display->magnitudeWithUnit($best->rockLength()),
        ] + $asItSits);
    }
}
