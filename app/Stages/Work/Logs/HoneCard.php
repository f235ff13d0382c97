<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Record\JobFile;
use App\Words\Line;
use NorthLedger\Core\Features\Bores\Crosshatch;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Honing\StintAdvice;
use NorthLedger\Core\Work\Logs\HoneLog;
use NorthLedger\Core\Work\Logs\LoggedStint;
use NorthLedger\Core\Work\Logs\SixSizes;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OverTravel;

/** The hone bench at one bore (HONE-1 to HONE-5). */
final readonly class HoneCard extends Card
{
    /** No hand keeps up more strokes a minute than that. */
    private const MOST_CYCLES_BY_HAND = 100;

    private const RESOLUTION_NM = ['in' => 2_540, 'mm' => 1_000];

    /**
     * @param  string  $advice  “45 s”, “measure again”
     * @param  string  $why  What it follows from
     * @param  string  $gaugeZero  What the gauge is set to; empty where nothing is honed to a size
     * @param  list<array{number: int, seconds: string, set: string, tool: string, size: string, removed: string, look: string}>  $stints
     * @param  list<array{place: string, now: string, removed: string, isTight: bool}>  $places  As it was read last
     * @param  list<string>  $crosshatch
     * @param  string  $travel  How far the stones leave the bore; empty while their length or the stroke is not said
     * @param  bool  $isTooFar  Or not far enough
     * @param  array{set: string, tool: string, rpm: string, cycles: string, stroke: string, stones: string, room: string}  $last
     *     Taken over into the next entry
     * @param  bool  $isWarm  The last reading: too large until it has cooled
     */
    private function __construct(
        public string $advice,
        public string $why,
        public string $gaugeZero,
        public string $range,
        public array $stints,
        public array $places,
        public array $crosshatch,
        public string $travel,
        public bool $isTooFar,
        public array $last,
        public bool $onlyDeglazes,
        public bool $isSuspect,
        public bool $isWarm,
        public bool $needsBefore,
    ) {
    }

    public function view(): string
    {
        return 'work.cards.hone';
    }

    public static function made(JobFile $file, Operation $operation): self
    {
        $log = $file->record->workLogs()->honing();
        $stints = $log->at($operation->key());
        $last = $stints === [] ? null : $stints[count($stints) - 1];
        [$advice, $why] = self::advice($file, $operation, $log);
        $target = $operation->target;
        $travel = self::overTravel($file, $log->last());

        return new self(
            $advice,
            $why,
            $target === null ? '' : $file->display->sizeWithUnit($target->least),
            $target === null
                ? ''
                : Line::of('work.range', ['least' => $file->display->size($target->least), 'most' => $file->display->size($target->most)]),
            self::stints($file, $stints),
            self::places($file, $last),
            self::crosshatch($file, $operation, $log->last()),
            $travel === null ? '' : self::travel($file, $travel),
            $travel !== null && ($travel->isTooFar() || ! $travel->reachesTheEnds()),
            self::last($file, $log, $log->last()),
            $operation->onlyDeglazes(),
            $last?->look->isSuspect() ?? false,
            $last->isWarm ?? false,
            $log->lastRead($operation->key()) === null,
        );
    }

    /** @return array{string, string} */
    private static function advice(JobFile $file, Operation $operation, HoneLog $log): array
    {
        if ($operation->target === null) {
            return [
                self::seconds($log->deglazeSeconds()),
                Line::counted('work.hone.deglaze', count($log->finishedSeconds()), ['set' => $log->set()]),
            ];
        }
        $now = $log->lastRead($operation->key());
        if ($now === null) {
            $stints = $log->at($operation->key());
            $line = $stints !== [] && end($stints)->isWarm ? 'read_cold' : 'read_first';

            return [Line::of("work.hone.{$line}"), Line::of("work.hone.{$line}_why")];
        }
        $resolution = Length::ofNanometres(self::RESOLUTION_NM[$file->sheet->unit->value]);
        $next = $log->nextStint($operation->target->least, $now->smallest(), $resolution);
        $left = $operation->target->least->minus($now->smallest());

        return [
            $next->advice === StintAdvice::Stint && $next->seconds !== null
                ? self::seconds($next->seconds)
                : Line::ofCode('work.hone.advice', $next->advice),
            $next->rate === null
                ? Line::of('work.hone.no_rate', ['left' => $file->display->magnitudeWithUnit($left)])
                : Line::of('work.hone.rate', [
                    'left' => $file->display->magnitudeWithUnit($left),
                    'rate' => $file->display->fine(Length::ofNanometres((int) round($next->rate))),
                ]),
        ];
    }

    private static function seconds(int|float $seconds): string
    {
        return Line::of('work.hone.seconds', ['seconds' => (string) $seconds]);
    }

    /**
     * @param  list<LoggedStint>  $stints
     * @return list<array{number: int, seconds: string, set: string, tool: string, size: string, removed: string, look: string}>
     */
    private static function stints(JobFile $file, array $stints): array
    {
        $rows = [];
        foreach ($stints as $index => $stint) {
            $growth = $stint->stint();
            $rows[] = [
                'number' => $index + 1,
                'seconds' => self::seconds($stint->seconds),
                'set' => $stint->set,
                'tool' => Line::ofCode('work.tool', $stint->tool),
                'size' => $stint->after === null ? '' : $file->display->size($stint->after->smallest()),
                'removed' => $growth->isSized() ? $file->display->magnitudeWithUnit(Length::ofNanometres($growth->growth())) : '',
                'look' =>
                    Line::ofCode('work.look', $stint->look).
                    ($stint->isWarm ? Line::of('work.hone.warm') : '').
                    ($stint->isFinished ? Line::of('work.hone.finished') : ''),
            ];
        }

        return $rows;
    }

    /** @return list<array{place: string, now: string, removed: string, isTight: bool}> */
    private static function places(JobFile $file, ?LoggedStint $last): array
    {
        $after = $last?->after;
        if ($after === null) {
            return [];
        }
        $removed = $last->before === null || $last->isWarm ? [] : $after->removedSince($last->before);
        $dwell = $after->dwellAt(Length::ofNanometres(self::RESOLUTION_NM[$file->sheet->unit->value]));

        return array_map(
            static fn (string $place): array => [
                'place' => Line::of("work.place_of_bore.{$place}"),
                'now' => $file->display->size($after->sizes[$place]),
                'removed' => isset($removed[$place]) ? $file->display->deviation($removed[$place]) : '',
                'isTight' => $place === $dwell,
            ],
            SixSizes::PLACES,
        );
    }

    /** @return list<string> The angle that the last speeds leave, said both ways, and what would give the sheet's */
    private static function crosshatch(JobFile $file, Operation $operation, ?LoggedStint $last): array
    {
        $bore = $operation->target->aim ?? $file->sheet->bore->nominal;
        $hatch = $last?->crosshatch($bore);
        if ($hatch === null || $last?->rpm === null || $last->cycles === null || $last->stroke === null) {
            return [];
        }
        [$least, $most] = [$file->sheet->bore->crosshatchLeast, $file->sheet->bore->crosshatchMost];
        $wanted = Crosshatch::included(($least + $most) / 2);
        $cycles = $wanted->cyclesAt($bore, $last->stroke, $last->rpm);

        return [
            Line::of('work.hone.angle', [
                'included' => (string) round($hatch->includedAngle()),
                'horizontal' => (string) round($hatch->fromHorizontal),
                'least' => (string) $least,
                'most' => (string) $most,
            ]),
            ...$hatch->isBetween($least, $most)
                ? []
                : [
                    Line::of($cycles > self::MOST_CYCLES_BY_HAND ? 'work.hone.angle_by_hand' : 'work.hone.angle_out', [
                        'wanted' => (string) round($wanted->includedAngle()),
                        'cycles' => (string) round($cycles),
                        'rpm' => (string) round($last->rpm),
                        'fits' => (string) round($wanted->rpmAt($bore, $last->stroke, $last->cycles)),
                        'now' => (string) round($last->cycles),
                    ]),
                ],
        ];
    }

    private static function overTravel(JobFile $file, ?LoggedStint $last): ?OverTravel
    {
        $bore = $file->sheet->bore->length;

        return $bore === null || $last?->stones === null || $last->stroke === null
            ? null
            : OverTravel::of($bore, $last->stones, $last->stroke, $last->room);
    }

    private static function travel(JobFile $file, OverTravel $travel): string
    {
        $size = $file->display->sizeWithUnit(...);

        return match (true) {
            ! $travel->reachesTheEnds() => Line::of('work.hone.travel_short', ['by' => $size($travel->leaves->absolute())]),
            ! $travel->isTooFar() => Line::of('work.hone.travel', ['leaves' => $size($travel->leaves), 'most' => $size($travel->most)]),
            $travel->longestStroke()->isPositive() => Line::of('work.hone.travel_far', [
                'leaves' => $size($travel->leaves),
                'most' => $size($travel->most),
                'stroke' => $size($travel->longestStroke()),
            ]),
            default => Line::of('work.hone.stones_long', ['leaves' => $size($travel->leaves), 'most' => $size($travel->most)]),
        };
    }

    /** @return array{set: string, tool: string, rpm: string, cycles: string, stroke: string, stones: string, room: string} */
    private static function last(JobFile $file, HoneLog $log, ?LoggedStint $last): array
    {
        return [
            'set' => $log->set(),
            'tool' => $last->tool->value ?? '',
            'rpm' => $last?->rpm === null ? '' : (string) $last->rpm,
            'cycles' => $last?->cycles === null ? '' : (string) $last->cycles,
            'stroke' => $last?->stroke === null ? '' : $file->display->size($last->stroke),
            'stones' => $last?->stones === null ? '' : $file->display->size($last->stones),
            'room' => $last?->room === null ? '' : $file->display->size($last->room),
        ];
    }
}
