<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\Job;
use App\Storage\LoadPin;
use App\Storage\LoadRules;
use App\Words\Line;
use DateTimeImmutable;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Loading\JobToLoad;
use NorthLedger\Core\Scheduling\LateJob;
use NorthLedger\Core\Scheduling\Placement;
use NorthLedger\Core\Work\OperationKind;

/** The load of the shop, ready to show: the drawing, the list, and what is to be said of both. */
final readonly class LoadView
{
    /** What would help is tried at once for so many late jobs of a small load; for others somebody asks. */
    private const HELPED_AT_ONCE = 3;

    private const SMALL = 150;

    private const NEXT = 2;

    /**
     * @param  list<LateLine>  $late
     * @param  array<string, list<ListLine>>  $list  By the name of the machine
     * @param  list<array{machine: string, says: string}>  $next
     * @param  list<string>  $free
     * @param  list<string>  $troubles  Pins that cannot be kept, and machines without hours
     * @param  list<string>  $notPlanned  Work that waits for a decision
     */
    private function __construct(
        public Zoom $zoom,
        public DateTimeImmutable $from,
        public string $title,
        public string $summary,
        public Drawing $drawing,
        public array $list,
        public array $late,
        public array $next,
        public array $free,
        public array $troubles,
        public array $notPlanned,
        public string $mark,
    ) {
    }

    /** @param  ?string  $asked  Tag of the late job for which somebody asks what would help */
    public static function of(PlannedLoad $plan, KeptHelps $helps, Zoom $zoom, ?string $from, ?string $asked): self
    {
        $now = Carbon::now()->toDateTimeImmutable();
        $first = self::first($zoom, $from, $now);
        $rules = LoadRules::inForce();
        $axis = Drawing::axisOf($first, $zoom, $rules->hours);
        $pins = self::pins();
        $late = array_values($plan->late);
        $isSmall = count($plan->load->operations) <= self::SMALL;
        $why = new WhyLate($plan, $helps);

        return new self(
            $zoom,
            $first,
            self::title($axis, $zoom),
            Line::counted('load.summary', count($plan->jobs)).', '.Line::counted('load.late', count($late)),
            Drawing::of($plan, $axis, $now, DoneWork::lately(), $pins),
            self::listed($plan, $pins),
            array_map(
                static fn (LateJob $one, int $index): LateLine => $why->line(
                    $one,
                    $one->code === $asked || ($isSmall && $index < self::HELPED_AT_ONCE),
                ),
                $late,
                array_keys($late),
            ),
            self::nextAt($plan),
            self::free($plan),
            self::troubles($plan),
            self::notPlanned($plan),
            md5(serialize([$plan->schedule->placements, array_map(LoadPin::mark(...), $pins)])),
        );
    }

    /**
     * The address of this page with something else.
     *
     * @param  array<string, string>  $with
     */
    public function address(bool $asList, array $with = []): string
    {
        $asked = ['zoom' => $this->zoom->value, 'from' => $this->from->format('Y-m-d')] + ($asList ? ['form' => 'list'] : []);

        return '/load?'.http_build_query($with + $asked);
    }

    /** @return array{before: string, after: string} The days before and after what is shown */
    public function neighbours(): array
    {
        $days = $this->zoom->days();

        return [
            'before' => $this->from->modify("-{$days} days")->format('Y-m-d'),
            'after' => $this->from->modify("+{$days} days")->format('Y-m-d'),
        ];
    }

    /** The day or the Monday that the address asks for, else today’s. */
    private static function first(Zoom $zoom, ?string $from, DateTimeImmutable $now): DateTimeImmutable
    {
        $day = $from === null ? $now : new DateTimeImmutable($from, $now->getTimezone());
        $day = $day->setTime(0, 0);
        if ($zoom === Zoom::Day) {
            return $day;
        }
        // On a Sunday the week that comes is looked at.
        $isSundayToday = $from === null && $day->format('N') === '7';

        return $isSundayToday ? $day->modify('+1 day') : $day->modify('monday this week');
    }

    private static function title(TimeAxis $axis, Zoom $zoom): string
    {
        $last = $axis->ends()->modify('-1 day');

        return $zoom === Zoom::Day
            ? $axis->begins()->format('l j F')
            : $axis->begins()->format($axis->begins()->format('m') === $last->format('m') ? 'j' : 'j F').
                Line::of('release.range.to').
                $last->format('j F');
    }

    /** @return array<string, LoadPin> By operation */
    private static function pins(): array
    {
        $pins = [];
        foreach (LoadPin::query()->orderBy('id')->get() as $pin) {
            $pins[JobToLoad::codeOf(Job::tagOf($pin->job_id), OperationKind::from($pin->kind))] = $pin;
        }

        return $pins;
    }

    /**
     * @param  array<string, LoadPin>  $pins
     * @return array<string, list<ListLine>>
     */
    private static function listed(PlannedLoad $plan, array $pins): array
    {
        $list = [];
        foreach ($plan->byUnit() as $unit => $placements) {
            if ($placements !== []) {
                $list[ucfirst(LoadWords::unit($unit))] = array_map(
                    static fn (Placement $one): ListLine => ListLine::of($plan, $one, $pins[$one->operation] ?? null),
                    $placements,
                );
            }
        }

        return $list;
    }

    /** @return list<array{machine: string, says: string}> */
    private static function nextAt(PlannedLoad $plan): array
    {
        $next = [];
        foreach ($plan->byUnit() as $unit => $placements) {
            $said = [];
            foreach (array_slice($placements, 0, self::NEXT) as $one) {
                $job = $plan->jobOf($one->operation);
                $kind = PlannedLoad::kindOf($one->operation);
                $said[] =
                    $job->number().
                    ' '.
                    LoadWords::work($kind, $job->left($kind)).
                    ($said !== [] && ! $one->isSetUp ? ' '.Line::of('load.one_setup') : '');
            }
            if ($said !== []) {
                $next[] = [
                    'machine' => Line::of('load.next', ['machine' => LoadWords::theUnit($unit)]),
                    'says' => implode(Line::of('load.then'), $said).'; '.LoadWords::at($plan->at($placements[0]->start)).'.',
                ];
            }
        }

        return $next;
    }

    /** @return list<string> */
    private static function free(PlannedLoad $plan): array
    {
        $free = [];
        foreach ($plan->byUnit() as $unit => $placements) {
            if ($plan->load->machines[$unit]->spans() === []) {
                continue;
            }
            $opens = $plan->load->machines[$unit]->openFrom(0);
            if ($placements === []) {
                $free[] = Line::of('load.free_all', ['machine' => LoadWords::unit($unit)]);
            } elseif ($opens !== null && $placements[0]->start > $opens) {
                $free[] = Line::of('load.free_until', [
                    'machine' => LoadWords::unit($unit),
                    'until' => LoadWords::at($plan->at($placements[0]->start)),
                ]);
            }
        }

        return $free;
    }

    /** @return list<string> */
    private static function troubles(PlannedLoad $plan): array
    {
        $troubles = [];
        foreach ($plan->refusedPins as $pin) {
            $job = $plan->jobOf($pin->operation);
            $kind = PlannedLoad::kindOf($pin->operation);
            $troubles[] = Line::ofCode('load.refused', $pin->trouble, [
                'work' => $job->tag.' '.LoadWords::work($kind, $job->left($kind)),
                'at' => LoadWords::at($pin->at),
            ]);
        }
        foreach ($plan->withoutHours as $unit) {
            $troubles[] = Line::of('load.without_hours', ['machine' => LoadWords::theUnit($unit)]);
        }

        return $troubles;
    }

    /** @return list<string> */
    private static function notPlanned(PlannedLoad $plan): array
    {
        $said = [];
        foreach ($plan->jobs as $job) {
            if ($job->tooLarge !== []) {
                $said[] = Line::of('load.too_large', [
                    'tag' => $job->tag,
                    'work' => Line::ofCode('load.short', $job->tooLarge[0]),
                    'machine' => LoadWords::theUnit($job->tooLarge[0]->machine()->value),
                ]);
            } elseif ($job->stopped !== []) {
                $said[] = Line::counted('load.stopped', count($job->stopped), [
                    'tag' => $job->tag,
                    'work' => Line::ofCode('load.short', $job->stopped[0]),
                    'what' => rtrim($job->waitsFor, '.'),
                ]);
            }
        }

        return $said;
    }
}
