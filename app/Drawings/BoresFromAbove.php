<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\CellState;
use App\Pages\Marks;
use App\Record\JobFile;
use App\Storage\SheetName;
use App\Words\Line;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;

/**
 * Plan of all bores at each station: the bore as made dashed, the worn shape exaggerated, and the circles of the
 * sizes that are still possible. Thrust is drawn up and down, the crankshaft runs left to right.
 */
final readonly class BoresFromAbove
{
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
        return self::in(BoreFrame::of($file, $sheet), $file, $sheet, app(Marks::class), $file->sheet->layout->cylinders());
    }

    /** @param  list<int>  $cylinders  Whose bores are drawn */
    public static function in(BoreFrame $frame, JobFile $file, SheetName $sheet, Marks $marks, array $cylinders): self
    {
        $circles = self::sizeCircles($frame, $file->sheet->bore->nominal);
        $out = self::marked($file, $sheet, $marks);
        $suspects = array_column($file->record->entries($sheet)->suspects(), 'place');
        $bores = [];
        foreach (array_intersect_key($frame->centres, array_flip($cylinders)) as $cylinder => [$x, $y]) {
            $bores[] = new DrawnBore(
                $cylinder,
                Coordinate::of($x),
                Coordinate::of($y),
                Coordinate::of($frame->radius),
                Coordinate::of($frame->reach()),
                $circles,
                self::shapes($frame, $file, $cylinder, $out, $suspects),
            );
        }

        return new self(
            BoreFrame::WIDTH,
            $frame->height,
            $frame->isVee,
            $bores,
            array_combine(array_column(Station::JUDGED, 'value'), array_column(Station::JUDGED, 'value')),
            self::factor($frame, $file->sheet->bore->nominal),
            $frame->steps === []
                ? ''
                : Line::of('drawing.circles', [
                    'steps' => implode(', ', array_map(static fn (Length $step): string => $file->display->step($step), $frame->steps)),
                ]),
            $frame->deviations->true === [] ? '' : Line::of('drawing.truth'),
        );
    }

    /** @return list<string> Radii of the sizes that are still possible, as far as anything is drawn */
    private static function sizeCircles(BoreFrame $frame, Length $nominal): array
    {
        $circles = [];
        foreach ($frame->steps as $step) {
            $over = $step->plus($nominal)->minus($frame->asMade)->nanometres;
            if ($over <= $frame->shown) {
                $circles[] = Coordinate::of($frame->radius + $over * $frame->scale);
            }
        }

        return $circles;
    }

    /** How much larger than it is the wear is drawn; empty where none is read. */
    private static function factor(BoreFrame $frame, Length $nominal): string
    {
        return $frame->largest === 0
            ? ''
            : Line::of('drawing.wear_larger', ['times' => self::roundFactor($frame->scale * $nominal->nanometres / $frame->radius)]);
    }

    /**
     * @param  array<string, CellState>  $out  By place key
     * @param  list<string>  $suspects  Keys of the places read with a gauge that had drifted
     * @return array<string, DrawnShape> By station
     */
    private static function shapes(BoreFrame $frame, JobFile $file, int $cylinder, array $out, array $suspects): array
    {
        $shapes = [];
        foreach (Station::JUDGED as $station) {
            $read = $frame->deviations->read[$cylinder][$station->value] ?? [];
            [$thrust, $inline] = [$read[Axis::Thrust->value] ?? null, $read[Axis::Inline->value] ?? null];
            $shapes[$station->value] = new DrawnShape(
                self::drawn($inline?->over, $frame),
                self::drawn($thrust?->over, $frame),
                self::state($read, $out, $suspects),
                self::caption($file, $thrust, $inline),
                self::whisker($thrust, $frame, isUpright: true).self::whisker($inline, $frame, isUpright: false),
                self::drawn(self::true($frame, $cylinder, $station, Axis::Inline), $frame),
                self::drawn(self::true($frame, $cylinder, $station, Axis::Thrust), $frame),
            );
        }

        return $shapes;
    }

    private static function true(BoreFrame $frame, int $cylinder, Station $station, Axis $axis): ?int
    {
        $true = $frame->deviations->true;

        return $true === [] ? null : $true[BorePlace::bore($cylinder, $station, $axis)->key] ?? null;
    }

    /**
     * @param  array<int|string, BoreDeviation>  $read  By axis
     * @param  array<string, CellState>  $out  By place key
     * @param  list<string>  $suspects
     */
    private static function state(array $read, array $out, array $suspects): CellState
    {
        $keys = array_map(static fn (BoreDeviation $deviation): string => $deviation->place->key, $read);
        if (array_intersect($keys, $suspects) !== []) {
            return CellState::Suspect;
        }

        return array_reduce(
            $keys,
            static fn (CellState $worst, string $key): CellState => isset($out[$key]) ? CellState::worse($worst, $out[$key]) : $worst,
            CellState::Good,
        );
    }

    /**
     * How a place is drawn that something is past at: red where it is the shape itself, heavier where a finding only rests on it.
     *
     * @return array<string, CellState> By place key
     */
    private static function marked(JobFile $file, SheetName $sheet, Marks $marks): array
    {
        $marked = [];
        if ($sheet->occasion === Occasion::Final) {
            foreach ($file->work()->verification()->bores() as $bore) {
                $marked += array_fill_keys($bore->outOfTarget(), CellState::Out);
            }

            return $marked;
        }
        foreach ($marks->areShown ? $file->assessment()->failures() : [] as $finding) {
            $state = $finding->criterion === Criterion::OutOfRound ? CellState::Out : CellState::Basis;
            foreach ($finding->readings as $reading) {
                $marked[$reading->place->key] = CellState::worse($marked[$reading->place->key] ?? $state, $state);
            }
        }

        return $marked;
    }

    private static function drawn(?int $over, BoreFrame $frame): ?string
    {
        return $over === null ? null : Coordinate::of($frame->radius + $over * $frame->scale);
    }

    private static function caption(JobFile $file, ?BoreDeviation $thrust, ?BoreDeviation $inline): string
    {
        $shown = static fn (?BoreDeviation $deviation): string => $deviation === null
            ? '?'
            : $file->display->deviation(Length::ofNanometres($deviation->over));

        return $thrust === null && $inline === null ? Line::of('sheet.cell.missing') : $shown($thrust).' × '.$shown($inline);
    }

    /** The doubt of a reading at one end of its axis, from end to end of the span it may lie in. */
    private static function whisker(?BoreDeviation $deviation, BoreFrame $frame, bool $isUpright): string
    {
        if ($deviation === null) {
            return '';
        }
        [$at, $doubt] = [$frame->radius + $deviation->over * $frame->scale, $deviation->doubt() * $frame->scale];
        [$from, $to] = [Coordinate::of($at - $doubt), Coordinate::of($at + $doubt)];

        return $isUpright ? "M-3 -{$from}h6M0 -{$from}V-{$to}M-3 -{$to}h6" : "M{$from} -3v6M{$from} 0H{$to}M{$to} -3v6";
    }

    /** Two significant figures: nobody needs 287 times. */
    private static function roundFactor(float $factor): int
    {
        $magnitude = 10 ** max(0, (int) floor(log10(max(1.0, $factor))) - 1);

        return (int) (round($factor / $magnitude) * $magnitude);
    }
}
