<?php

declare(strict_types=1);

namespace App\Gauges;

use App\Storage\Gauge;
use App\Storage\GaugeEvent;
use App\Storage\Job;
use App\Storage\Setup;
use App\Words\Line;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\MassNotation;

/** One gauge with everything that was done to it, newest first. */
final readonly class GaugePage
{
    /** To the millisecond, as it is kept. */
    private const STAMP = 'Y-m-d H:i:s.v';

    /**
     * @param  list<array{when: string, who: string, what: string, certificate: ?string}>  $events
     * @param  list<array{tag: string, state: string}>  $recalls  Jobs read with it since it last held, where it was found not to hold
     */
    private function __construct(
        public GaugeLine $line,
        public string $unit,
        public string $differences,
        public string $sizes,
        public array $events,
        public array $recalls,
    ) {
    }

    public static function of(Gauge $gauge): self
    {
        $display = LengthDisplay::in($gauge->unit);
        /** @var list<GaugeEvent> $events */
        $events = GaugeEvent::query()->with('user')->where('gauge_id', $gauge->id)->orderByDesc('id')->get()->all();

        return new self(
            GaugeLine::of($gauge),
            $gauge->kind->weighs() ? 'g' : $gauge->unit->value,
            ...self::doubts($gauge, $display),
            events: array_map(
                static fn (GaugeEvent $event): array => [
                    'when' => $event->created_at->format('j M Y H:i'),
                    'who' => $event->user->name,
                    'what' => self::words($event, $display),
                    'certificate' => $event->certificate_hash === null ? null : $event->ulid,
                ],
                $events,
            ),
            recalls: self::recalls($gauge, $events),
        );
    }

    /**
     * @param  list<GaugeEvent>  $events  Newest first
     * @return list<array{tag: string, state: string}>
     */
    private static function recalls(Gauge $gauge, array $events): array
    {
        $holds = static fn (GaugeEvent $event): bool => in_array($event->kind, ['registered', 'calibrated'], true) ||
            ($event->kind === 'checked' && $event->said['holds'] === true);
        $newest =
            array_values(array_filter($events, static fn (GaugeEvent $event): bool => $event->kind === 'checked' || $holds($event)))[0] ??
            null;
        if ($newest === null || $holds($newest)) {
            return [];
        }
        $lastHeld = array_values(array_filter($events, $holds))[0] ?? null;
        /** @var list<Job> $jobs */
        $jobs = Job::query()
            ->whereIn(
                'id',
                Setup::query()
                    ->select('job_id')
                    ->where('gauge_id', $gauge->id)
                    ->where('created_at', '>=', $lastHeld?->created_at->format(self::STAMP) ?? '2000-01-01')
                    ->where('created_at', '<=', $newest->created_at->format(self::STAMP)),
            )
            ->orderBy('id')
            ->get()
            ->all();

        $again = Line::of($gauge->kind->weighs() ? 'gauges.recall.weigh' : 'gauges.recall.check_back');

        return array_map(
            static fn (Job $job): array => [
                'tag' => $job->tag(),
                'state' => $job->is_closed ? Line::of('gauges.recall.released') : $again,
            ],
            $jobs,
        );
    }

    /** @return array{differences: string, sizes: string} */
    private static function doubts(Gauge $gauge, LengthDisplay $display): array
    {
        $scale = $gauge->scale();
        $grams = static fn (Uncertainty $doubt): string => MassNotation::grams((int) round(2 * $doubt->standard)).' g';

        return $scale === null
            ? [
                'differences' => $display->fine(Uncertainty::ofDifference($gauge->instrument())->expanded()),
                'sizes' => $display->fine(self::alone($gauge->instrument())),
            ]
            : ['differences' => $grams($scale->uncertaintyOfDifference(2)), 'sizes' => $grams($scale->uncertainty())];
    }

    /** The doubt of a size without what the temperature adds. */
    private static function alone(Instrument $instrument): Length
    {
        return Uncertainty::ofSize(Length::zero(), $instrument, Temperatures::of(0, 0, 20, 20))->expanded();
    }

    private static function words(GaugeEvent $event, LengthDisplay $display): string
    {
        $said = $event->said;
        $length = static fn (string $key): string => isset($said[str_replace('_nm', '_ug', $key)]) || isset($said['scale_calibration_ug'])
            ? MassNotation::grams(abs((int) ($said[str_replace('_nm', '_ug', $key)] ?? $said['scale_calibration_ug']))).' g'
            : $display->fine(Length::ofNanometres((int) ($said[$key] ?? 0)));

        return match ($event->kind) {
            'calibrated' =>
                Line::of('gauges.event.calibrated', [
                    'day' => $said['done_on'],
                    'who' => $said['by_whom'],
                    'doubt' => $length('calibration_nm'),
                    'due' => $said['due_on'],
                ]),
            'studied' => Line::of('gauges.event.studied', [
                'count' => count($said['typed']),
                'repeatability' => $length('repeatability_nm'),
                'range' => $length('range_nm'),
                'read' => implode(', ', $said['typed']),
            ]),
            'checked' => Line::of($said['holds'] ? 'gauges.event.held' : 'gauges.event.did_not_hold', [
                'on' => Line::of(isset($said['drift_ug']) ? 'gauges.event.weight' : 'gauges.event.master'),
                'off' => $length('drift_nm'),
            ]),
            'retired' => Line::of('gauges.event.retired', ['why' => $said['reason']]),
            'token given' => Line::of('gauges.event.token'),
            default => $event->kind,
        };
    }
}
