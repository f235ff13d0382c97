<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\CalendarFeed;
use App\Storage\Job;
use App\Words\Line;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use NorthLedger\Core\Scheduling\SchedulingException;
use NorthLedger\Core\Scheduling\Units;
use NorthLedger\Core\Work\Machine;

/** Calendars of a machine, or of due days, for other programs: behind a token that can be withdrawn. */
final readonly class FeedsController
{
    private const TOKEN_LENGTH = 40;

    private const MOST_JOBS = 2_000;

    public function __construct(private PlanOfShop $shop)
    {
    }

    public function store(Request $request): RedirectResponse
    {
        $machine = Machine::tryFrom($request->string('machine')->toString());
        $token = Str::random(self::TOKEN_LENGTH);
        CalendarFeed::query()->create([
            'token_hash' => hash('sha256', $token),
            'machine' => $machine?->value,
            'name' =>
                $machine === null
                    ? Line::of('load.feed.due')
                    : Line::of('load.feed.machine', ['machine' => LoadWords::theUnit($machine->value)]),
            'user_id' => $request->user()?->getAuthIdentifier(),
            'created_at' => now(),
        ]);

        return redirect()
            ->to('/load/hours#feeds')
            ->with('note', Line::of('load.feed.made'))
            ->with('address', url("/calendars/{$token}.ics"));
    }

    public function withdraw(CalendarFeed $feed): RedirectResponse
    {
        $feed->update(['withdrawn_at' => now()]);

        return redirect()->to('/load/hours#feeds')->with('note', Line::of('load.feed.withdrawn'));
    }

    /** Without log-in: whoever has the token reads, and reads nothing else. */
    public function show(string $token): Response
    {
        $feed = CalendarFeed::behind($token) ?? abort(404);
        $machine = $feed->machine === null ? null : Machine::from($feed->machine);

        return new Response($machine === null ? $this->due() : $this->ofMachine($machine), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'no-store, private',
        ]);
    }

    private function due(): string
    {
        $calendar = ShopCalendar::calendar();
        foreach (Job::query()->where('is_closed', false)->orderBy('due_on')->limit(self::MOST_JOBS)->get() as $job) {
            $calendar->add('VEVENT', [
                'UID' => "{$job->tag()}-due@north-ledger",
                'DTSTART;VALUE=DATE' => $job->due_on->format('Ymd'),
                'SUMMARY' => Line::of('load.feed.due_of', ['tag' => $job->tag(), 'engine' => $job->description]),
            ]);
        }

        return $calendar->serialize();
    }

    private function ofMachine(Machine $machine): string
    {
        $calendar = ShopCalendar::calendar();
        try {
            $plan = $this->shop->now();
        } catch (SchedulingException) {
            return $calendar->serialize();
        }
        foreach ($plan->schedule->placements as $code => $placement) {
            if ($placement->machine !== null && Units::machineOf($placement->machine) === $machine->value) {
                $job = $plan->jobOf($code);
                $kind = PlannedLoad::kindOf($code);
                $calendar->add('VEVENT', [
                    'UID' => str_replace(['/', ' '], '-', $code).'@north-ledger',
                    'DTSTART' => $plan->at($placement->start),
                    'DTEND' => $plan->at($placement->end),
                    'SUMMARY' => "{$job->tag} ".LoadWords::work($kind, $job->left($kind)),
                    'LOCATION' => LoadWords::unit($placement->machine),
                ]);
            }
        }

        return $calendar->serialize();
    }
}
