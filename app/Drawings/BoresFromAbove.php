<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\CellState;
use App\Pages\Marks;
use App\Record\JobFile;
use App\Storage\SheetName;
use App\Words\Line;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/**
 * Plan of all bores at each station: the bore as made dashed, the worn shape exaggerated, and the circles of the
 * sizes that are still possible. Thrust is drawn up and down, the crankshaft runs left to right.
 */
final readonly class BoresFromAbove
{
    private const WIDTH = 860;

    private const LARGEST_RADIUS_IN_LINE = 46.0;

    private const GAP_IN_LINE = 26.0;

    private const RADIUS_VEE = 26.0;

    private const PITCH_VEE = 202.0;

    /** Share of the radius that the largest drawn deviation takes. */
    private const EXAGGERATED_SHARE = 0.42;

    /**
     * @param  list<DrawnBore>  $bores
     * @param  array<string, string>  $stations  Words by station
     */
    private function __construct(
        public int $width,
        public int $height,
        public bool $isVee,
        public array $bores,
        public array $stations,
        public string $factor,
        public string $legend,
        public string $truth,
    ) {
    }

    public static function of(JobFile $file, SheetName $sheet): self
    {
        $asMade = $file->sheet->bore->sizeAt(
            ($sheet->occasion === Occasion::Final ? $file->work()->chosen()?->step : $file->assessment()->step->value) ?? Length::zero(),
        );
        $steps = $sheet->occasion === Occasion::Final ? [] : self::possibleSteps($file);
        $deviations = BoreDeviations::of($file, $sheet, $asMade);
        $largest = $deviations->largest();
        $firstStep = $steps === [] ? 0 : $steps[0]->plus($file->sheet->bore->nominal)->minus($asMade)->nanometres;
        $shown = max($largest, min($firstStep, (int) round(2.5 * $largest)), 1);

        $isVee = $file->sheet->layout->kind->banks() === 2;
        $radius = $isVee ? self::RADIUS_VEE : self::radiusInLine(count($file->sheet->layout->banks[0]));
        $scale = ($radius * self::EXAGGERATED_SHARE) / $shown;
        $rowPitch = $radius * 2 * (1 + self::EXAGGERATED_SHARE) + ($isVee ? 6 : 24);
        $pitch = $isVee ? self::PITCH_VEE : $rowPitch + 2;
        $out = self::marked($file, $sheet);
        $suspects = array_column($file->record->entries($sheet)->suspects(), 'place');
        $bores = [];
        foreach ($file->sheet->layout->banks as $bankIndex => $bank) {
            $left = (self::WIDTH - $pitch * (count($bank) - 1)) / 2 + ($isVee ? ($bankIndex === 0 ? -62 : -38) : 0);
            foreach ($bank as $index => $cylinder) {
                $bores[] = self::bore(
                    $file,
                    $cylinder,
                    $left + $index * $pitch,
                    18 + $radius * (1 + self::EXAGGERATED_SHARE) + $bankIndex * $rowPitch,
                    $radius,
                    $scale,
                    $deviations,
                    $steps,
                    $asMade,
                    $shown,
                    $out,
                    $suspects,
                );
            }
        }
        $nominalRadius = $file->sheet->bore->nominal->nanometres / 2;

        return new self(
            self::WIDTH,
            (int) ceil(count($file->sheet->layout->banks) * $rowPitch + 16),
            $isVee,
            $bores,
            array_combine(array_column(Station::JUDGED, 'value'), array_column(Station::JUDGED, 'value')),
            $largest === 0
                ? ''
                : Line::of('drawing.wear_larger', ['times' => self::roundFactor(($scale * 2) / ($radius / $nominalRadius))]),
            $steps === []
                ? ''
                : Line::of('drawing.circles', [
                    'steps' => implode(', ', array_map(static fn (Length $step): string => $file->display->step($step), $steps)),
                ]),
            $deviations->true === [] ? '' : Line::of('drawing.truth'),
        );
    }

    /** As large as so many bores side by side allow. */
    private static function radiusInLine(int $bores): float
    {
        return min(self::LARGEST_RADIUS_IN_LINE, (self::WIDTH / $bores - self::GAP_IN_LINE) / (2 * (1 + self::EXAGGERATED_SHARE)));
    }

    /**
     * @param  list<Length>  $steps
     * @param  array<string, CellState>  $out  By place key
     * @param  list<string>  $suspects  Keys of the places read with a gauge that had drifted
     */
    private static function bore(
        JobFile $file,
        int $cylinder,
        float $x,
        float $y,
        float $radius,
        float $scale,
        BoreDeviations $deviations,
        array $steps,
        Length $asMade,
        int $shown,
        array $out,
        array $suspects,
    ): DrawnBore {
        $shapes = [];
        foreach (Station::JUDGED as $station) {
            $thrust = BorePlace::bore($cylinder, $station, Axis::Thrust)->key();
            $inline = BorePlace::bore($cylinder, $station, Axis::Inline)->key();
            $read = $deviations->read[$station->value] ?? [];
            $shapes[$station->value] = new DrawnShape(
                self::drawn($read[$inline] ?? null, $radius, $scale),
                self::drawn($read[$thrust] ?? null, $radius, $scale),
                self::state([$thrust, $inline], $out, $suspects),
                self::caption($file, $read[$thrust] ?? null, $read[$inline] ?? null),
                (isset($read[$thrust])
                    ? self::whisker($radius + $read[$thrust] * $scale, $deviations->doubts[$thrust] * $scale, isUpright: true)
                    : '').
                    (isset($read[$inline])
                        ? self::whisker($radius + $read[$inline] * $scale, $deviations->doubts[$inline] * $scale, isUpright: false)
                        : ''),
                self::drawn($deviations->true[$inline] ?? null, $radius, $scale),
                self::drawn($deviations->true[$thrust] ?? null, $radius, $scale),
            );
        }
        $circles = [];
        foreach ($steps as $step) {
            $over = $step->plus($file->sheet->bore->nominal)->minus($asMade)->nanometres;
            if ($over <= $shown) {
                $circles[] = Coordinate::of($radius + $over * $scale);
            }
        }

        return new DrawnBore(
            $cylinder,
            Coordinate::of($x),
            Coordinate::of($y),
            Coordinate::of($radius),
            Coordinate::of($radius * (1 + self::EXAGGERATED_SHARE)),
            $circles,
            $shapes,
        );
    }

    /**
     * @param  array{string, string}  $pair  Place keys
     * @param  array<string, CellState>  $out  By place key
     * @param  list<string>  $suspects
     */
    private static function state(array $pair, array $out, array $suspects): CellState
    {
        [$one, $other] = $pair;

        return array_intersect($pair, $suspects) === []
            ? CellState::worse($out[$one] ?? CellState::Good, $out[$other] ?? CellState::Good)
            : CellState::Suspect;
    }

    /**
     * How a place is drawn that something is past at: red where it is the shape itself, heavier where a finding only rests on it.
     *
     * @return array<string, CellState> By place key
     */
    private static function marked(JobFile $file, SheetName $sheet): array
    {
        $marked = [];
        if ($sheet->occasion === Occasion::Final) {
            foreach ($file->work()->verification()->bores() as $bore) {
                $marked += array_fill_keys($bore->outOfTarget(), CellState::Out);
            }

            return $marked;
        }
        foreach (app(Marks::class)->areShown ? $file->assessment()->failures() : [] as $finding) {
            $state = $finding->criterion === Criterion::OutOfRound ? CellState::Out : CellState::Basis;
            foreach ($finding->readings as $reading) {
                $marked[$reading->place->key()] = CellState::worse($marked[$reading->place->key()] ?? $state, $state);
            }
        }

        return $marked;
    }

    private static function drawn(?int $deviation, float $radius, float $scale): ?string
    {
        return $deviation === null ? null : Coordinate::of($radius + $deviation * $scale);
    }

    private static function caption(JobFile $file, ?int $thrust, ?int $inline): string
    {
        $shown = static fn (?int $nanometres): string => $nanometres === null
            ? '?'
            : $file->display->deviation(Length::ofNanometres($nanometres));

        return $thrust === null && $inline === null ? Line::of('sheet.cell.missing') : $shown($thrust).' × '.$shown($inline);
    }

    /** The doubt of a reading at one end of its axis, from end to end of the span it may lie in. */
    private static function whisker(float $at, float $doubt, bool $isUpright): string
    {
        [$from, $to] = [Coordinate::of($at - $doubt), Coordinate::of($at + $doubt)];

        return $isUpright ? "M-3 -{$from}h6M0 -{$from}V-{$to}M-3 -{$to}h6" : "M{$from} -3v6M{$from} 0H{$to}M{$to} -3v6";
    }

    /** @return list<Length> Sizes at which every bore read so far still cleans up */
    private static function possibleSteps(JobFile $file): array
    {
        $plan = $file->assessment()->plan;

        return $plan === null ? [] : $plan->stepsWhereAllCleanUp();
    }

    /** Two significant figures: nobody needs 287 times. */
    private static function roundFactor(float $factor): int
    {
        $magnitude = 10 ** max(0, (int) floor(log10(max(1.0, $factor))) - 1);

        return (int) (round($factor / $magnitude) * $magnitude);
    }
}
