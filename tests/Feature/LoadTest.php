<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Load\PlannedLoad;
use App\Load\PlanOfShop;
use App\Parts\PartState;
use App\Parts\TellOfPart;
use App\People\Role;
use App\Record\JobFiles;
use App\Record\OfferBook;
use App\Storage\CalendarFeed;
use App\Storage\Closure;
use App\Storage\LoadPin;
use App\Storage\Observation;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Cracks\Look;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Machines and days: the load is planned, pinned, and follows what happens (LOAD-1 … LOAD-5). */
final class LoadTest extends TestCase
{
    use WorkedJob;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-30 07:00:00');
        $this->receiveJob();
        $this->chooseTwentyOver();
        $this->workUpTo('deck.1');
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_what_is_left_stands_at_its_machines_with_what_it_waits_for(): void
    {
        $this->assertSame('Mon 30 Nov 8:00', $this->starts('deck'));
        $page = $this->get('/load')->assertOk();
        $page->assertSee("data-bar=\"{$this->job->tag()}/deck\"", false)->assertSee('Boring mill');
        $page->assertSee('85 min by the price list')->assertSee('60 min, as is usual');
        // Pistons are to be ordered: eight days by the price list, so that the hone stands a week later.
        $this->assertSame('Tue 8 Dec 8:00', $this->starts('piston weights'));
        $page->assertSee('waits for pistons, Tue 8 Dec');
        $this->actingAs($this->person(Role::FrontCounter));
        $this->get('/load')->assertOk()->assertDontSee('aria-label="Pin ', false);
        $json = $this->getJson('/load?zoom=month')->assertOk();
        $this->assertMatchesRegularExpression('/data-zoom="month"\s+aria-current/', $json->json('html'));
        $this->get('/load?zoom=nonsense&from=2026-02-31&help=NL-9&form=x')->assertOk();
        $this->get('/load/print')->assertOk()->assertSee('Surfacer');
        $this->get('/load/print?machine=Surfacer')
            ->assertOk()
            ->assertSee('<td><b class="tag">'.$this->job->tag(), false);
    }

    public function test_a_pin_stays_and_one_that_cannot_is_refused_with_the_reason(): void
    {
        $this->pin('bore', '2026-12-02T09:15')->assertOk();
        $this->assertSame('Wed 2 Dec 9:15', $this->starts('bore'));
        $this->get('/load')->assertSee('pinned');
        $mark = LoadPin::mark(LoadPin::query()->sole());
        foreach (
            [
                ['bore', '2026-12-05T09:00', 'opens at Mon 7 Dec 8:00'],
                ['bore', '2026-11-30T08:00', 'Not before Mon 30 Nov 9:25'],
                ['bore', '2026-11-29T08:00', 'That minute is over'],
                ['no such work', '2026-12-02T09:00', 'not planned any more'],
            ] as [$kind, $starts, $why]
        ) {
            $refused = $this->pin($kind, $starts, $kind === 'bore' ? $mark : '')->assertStatus(422);
            $this->assertStringContainsString($why, (string) $refused->content());
        }
        $this->assertSame('Wed 2 Dec 9:15', $this->starts('bore'), 'what was refused changed nothing');
        $this->pin('deck', '2026-12-02T09:15')->assertStatus(422);
        // Dragged into the break at noon it is meant for after it.
        $this->postJson('/load/pins', [
            'ulid' => $this->ulid(),
            'operation' => "{$this->job->tag()}/bore",
            'starts' => '2026-12-02T12:10',
            'mark' => $mark,
            'snap' => '1',
        ])->assertOk();
        $this->assertSame('Wed 2 Dec 12:30', $this->starts('bore'));
        $this->pin('bore', '', LoadPin::mark(LoadPin::query()->sole()))->assertOk();
        $this->assertSame('Mon 30 Nov 9:25', $this->starts('bore'));
        $this->actingAs($this->person(Role::FrontCounter));
        $this->pin('bore', '2026-12-02T09:15')->assertForbidden();
    }

    public function test_two_who_move_the_same_bar_do_not_move_it_over_each_other(): void
    {
        $this->pin('bore', '2026-12-02T09:15')->assertOk();
        $this->pin('bore', '2026-12-02T09:15')->assertOk();
        $this->assertSame(1, LoadPin::query()->count(), 'sent twice, pinned once');
        $this->pin('bore', '2026-12-03T10:00')->assertStatus(409)->assertSee('it stands at Wed 2 Dec 9:15 now');
        $this->pin('bore', '2026-12-03T10:00', LoadPin::mark(LoadPin::query()->sole()))->assertOk();
        $this->assertSame('Thu 3 Dec 10:00', $this->starts('bore'));
    }

    public function test_a_machine_that_breaks_down_moves_its_work_and_says_so(): void
    {
        $this->pin('deck', '2026-12-01T08:00')->assertOk();
        $this->actingAs($this->machinist);
        $this->close('machine surfacer', '2026-11-30T08:00', '2026-12-02T12:30', 'spindle bearing')->assertSessionDoesntHaveErrors();
        $this->assertSame('Wed 2 Dec 12:30', $this->starts('deck'));
        $this->get('/load')->assertSee('spindle bearing')->assertSee('cannot be kept: the machine is closed then');
        $this->close('shop', '2026-12-03T00:00', '2026-12-04T00:00', 'fair')->assertForbidden();
        $this->close('machine surfacer', '2026-12-03T00:00', '2026-12-02T00:00', 'x')->assertSessionHasErrors('ends');
        $this->close('machine moon', '2026-12-03T00:00', '2026-12-04T00:00', 'x')->assertForbidden();
        $this->post('/load/closures/'.Closure::query()->sole()->id.'/removal')->assertRedirect();
        $this->assertSame('Tue 1 Dec 8:00', $this->starts('deck'), 'repaired sooner: the pin holds again');
    }

    public function test_parts_that_are_promised_and_come_move_what_waits_for_them(): void
    {
        $this->tellOf('piston 508000', PartState::Ordered, '2026-12-04');
        $this->assertSame('Fri 4 Dec 8:00', $this->starts('piston weights'));
        $this->tellOf('piston 508000', PartState::Ordered, '2026-12-03');
        $this->assertSame('Thu 3 Dec 8:00', $this->starts('piston weights'), 'promised a day sooner');
        Carbon::setTestNow('2026-12-04 07:00:00');
        $this->assertSame('Mon 7 Dec 8:00', $this->starts('piston weights'), 'a promise that was not kept: tomorrow at the soonest');
        $this->tellOf('piston 508000', PartState::Arrived, '');
        $this->assertSame('Fri 4 Dec 8:00', $this->starts('piston weights'));
    }

    public function test_what_somebody_has_in_hand_is_not_waited_for(): void
    {
        $this->assertSame('Tue 8 Dec 8:00', $this->starts('piston weights'), 'ordered at the desk, and nothing was promised');
        $this->post($this->url('work/time'), [
            'ulid' => $this->ulid(),
            'operation' => 'piston weights',
            'state' => 'begun',
        ])->assertSessionDoesntHaveErrors();
        $this->post($this->url('work/time'), [
            'ulid' => $this->ulid(),
            'operation' => 'piston weights',
            'state' => 'paused',
        ])->assertSessionDoesntHaveErrors();
        $this->assertSame('Mon 30 Nov 8:00', $this->starts('piston weights'), 'they lie on the scales');
    }

    public function test_a_late_job_says_why_and_what_would_help(): void
    {
        $this->job->refresh()->update(['due_on' => '2026-12-07']);
        $this->tellOf('piston 508000', PartState::Ordered, '2026-12-08');
        $page = $this->get('/load')->assertOk();
        $page->assertSee("{$this->job->tag()} is ")->assertSee('Its pistons come on Tue 8 Dec; weigh pistons cannot begin before.');
        $page->assertSee('Pistons a day sooner: ready 1 day sooner.');
        $this->get('/')->assertSee('▲ planned 8 Dec');
        // With the shop closed on both days, pistons a day sooner would change nothing: it is the closed days that hold it.
        $this->tellOf('piston 508000', PartState::Ordered, '2026-12-09');
        $this->close('shop', '2026-12-08T00:00', '2026-12-12T00:00', 'stocktaking', Role::Owner);
        $this->assertSame('Mon 14 Dec 8:00', $this->starts('piston weights'));
        $this->get('/load')->assertSee('until Fri 11 Dec (stocktaking)');
    }

    public function test_what_ends_early_moves_the_rest_and_is_remembered_for_the_next(): void
    {
        $this->actingAs($this->machinist);
        Carbon::setTestNow('2026-11-30 08:00:00');
        $this->assertSame('Mon 30 Nov 9:25', $this->starts('bore'), 'after eighty-five minutes at the surfacer');
        $this->post($this->url('work/time'), ['ulid' => $this->ulid(), 'operation' => 'deck.1', 'state' => 'begun']);
        Carbon::setTestNow('2026-11-30 08:30:00');
        $plan = $this->plan();
        $this->assertSame(55, $plan->minutesOf($plan->schedule->placements["{$this->job->tag()}/deck"]), 'half an hour of it is over');
        $this->pin('deck', '2026-12-01T08:00')->assertStatus(422)->assertSee('It has begun');
        $this->post($this->url('work/time'), ['ulid' => $this->ulid(), 'operation' => 'deck.1', 'state' => 'ended']);
        $this->tick('deck.1', 'done', '')->assertSessionDoesntHaveErrors();
        $this->assertSame('Mon 30 Nov 8:30', $this->starts('bore'));
        $this->get('/load')->assertSee('deck, surfacer, Mon 30 Nov 8:00 to Mon 30 Nov 8:30, done');

        $this->actingAs($this->inspector);
        $this->receiveJob2();
        $this->get('/load?form=list')->assertSee('30 min, as the last job took; else 85');
    }

    public function test_a_customers_answer_is_assumed_after_its_days_and_shown_as_such(): void
    {
        $this->actingAs($this->inspector);
        $this->job = $this->job($this->inspector);
        $this->crackCheck($this->job, $this->inspector, EnginePart::Block);
        $this->readWorn();
        $before = $this->offered();
        $this->close('machine mill', '2026-12-01T00:00', '2027-01-11T00:00', 'new bed', Role::Owner);
        $this->actingAs($this->inspector);
        $this->post($this->url('offers/'.Observation::query()->where('kind', 'offer')->value('subject').'/withdraw'), [
            'ulid' => $this->ulid(),
            'reason' => 'a later day',
        ])->assertSessionDoesntHaveErrors();
        $this->assertGreaterThan($before, $this->offered(), 'the mill is full, or away: the offer says a later day');
        $this->get('/load')->assertSee('if the customer agrees')->assertSee('waits for the customer’s answer');
    }

    public function test_days_off_come_from_a_calendar_and_go_into_one(): void
    {
        $this->actingAs($this->person(Role::Owner));
        $calendar =
            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//y//EN\r\nBEGIN:VEVENT\r\nUID:fair\r\nDTSTART;VALUE=DATE:20261201\r\n".
            "RRULE:FREQ=WEEKLY;COUNT=3\r\nSUMMARY:market day\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        $this->import($calendar)->assertSessionHas('note', '3 entries were read.');
        $this->import($calendar)->assertSessionHas('note', 'Nothing new: every day of that calendar stands here already.');
        $this->assertSame(
            ['2026-12-01 00:00', '2026-12-02 00:00'],
            [
                Closure::query()->firstOrFail()->begins_at->format('Y-m-d H:i'),
                Closure::query()->firstOrFail()->ends_at->format('Y-m-d H:i'),
            ],
        );
        $written = (string) $this->get('/load/closed-days.ics')->assertOk()->content();
        $this->assertSame(3, substr_count($written, 'SUMMARY:market day'));
        $this->import($written)->assertSessionDoesntHaveErrors();
    }

    #[DataProvider('noCalendars')]
    public function test_what_is_no_calendar_is_refused_with_a_sentence(string $content): void
    {
        $this->actingAs($this->person(Role::Owner));
        $this->import($content)->assertSessionHasErrors('calendar');
        $this->assertSame(0, Closure::query()->count());
    }

    /** @return iterable<string, array{string}> */
    public static function noCalendars(): iterable
    {
        $event = static fn (
            string $lines,
        ): string => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\n{$lines}END:VEVENT\r\nEND:VCALENDAR\r\n";
        yield 'nothing' => [' '];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n".str_repeat("\0", 40)];
        yield 'a card' => ["BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Somebody\r\nEND:VCARD\r\n"];
        yield 'all over' => [$event("DTSTART;VALUE=DATE:20200101\r\n")];
        yield 'every second for ever' => [$event("DTSTART:20261201T080000Z\r\nRRULE:FREQ=SECONDLY\r\n")];
        yield 'every day for ever, many times' => [$event("DTSTART:20261201T080000Z\r\nRRULE:FREQ=HOURLY\r\n")];
        yield 'no date' => [$event("DTSTART:tomorrow\r\n")];
    }

    public function test_a_calendar_program_reads_by_its_token_until_that_is_withdrawn(): void
    {
        $this->actingAs($this->person(Role::Owner));
        $address = function (string $machine): string {
            $this->post('/load/feeds', ['machine' => $machine])->assertRedirect();

            return (string) parse_url((string) session('address'), PHP_URL_PATH);
        };
        [$mill, $due] = [$address('surfacer'), $address('')];
        $this->get('/load/hours')->assertSee('The surfacer')->assertDontSee($mill);
        auth()->logout();
        $read = (string) $this->get($mill)->assertOk()->content();
        $this->assertStringContainsString("SUMMARY:{$this->job->tag()} deck 1", $read);
        $this->assertStringContainsString('DTSTART:20261130T080000Z', $read);
        $this->assertStringContainsString('DTSTART;VALUE=DATE:20300115', (string) $this->get($due)->assertOk()->content());
        $this->get('/calendars/'.str_repeat('a', 40).'.ics')->assertNotFound();
        $this->actingAs($this->person(Role::Owner, 'other'));
        $this->post('/load/feeds/1/withdrawal');
        CalendarFeed::query()->update(['withdrawn_at' => now()]);
        $this->get($mill)->assertNotFound();
    }

    public function test_hours_are_the_owners_and_nothing_typed_is_lost(): void
    {
        $this->actingAs($this->machinist);
        $this->post('/load/hours', [])->assertForbidden();
        $owner = $this->person(Role::Owner);
        $this->actingAs($owner);
        $days = ['mon' => '6:00–14:00', 'tue' => '', 'wed' => '', 'thu' => '', 'fri' => '', 'sat' => '', 'sun' => ''];
        $said = ['version' => 0, 'answer_days' => '4', 'hours' => $days];
        $wrong = ['own' => ['surfacer' => ['mon' => '9 till 5']]];
        $this->from('/load/hours')
            ->post('/load/hours', $said + $wrong)
            ->assertSessionHasErrors('own.surfacer.mon');
        $this->get('/load/hours')->assertSee('value="9 till 5"', false);
        $this->post('/load/hours', $said + ['people' => ['surfacer' => [(string) $owner->id]]])->assertSessionDoesntHaveErrors();
        $this->assertSame('Mon 30 Nov 7:00', $this->starts('deck'), 'from now on, in the new hours');
        $this->post('/load/hours', $said)->assertSessionHasErrors('version');

        $this->close("person {$owner->id}", '2026-11-30T00:00', '2026-12-01T00:00', 'at the dentist');
        $this->assertSame('Mon 7 Dec 6:00', $this->starts('deck'), 'a machine without its person is closed');
        $this->job->refresh()->update(['due_on' => '2026-12-02']);
        $late = $this->get('/load')->assertSee('at the dentist');
        $late->assertDontSee('Its own work takes that long');

        $this->post('/load/hours', ['version' => 1, 'answer_days' => '4', 'hours' => array_fill_keys(array_keys($days), '')]);
        $this->get('/load')->assertOk()->assertSee('has no open hours');
    }

    public function test_a_machine_that_is_seldom_worked_is_the_reason_and_a_night_is_none(): void
    {
        $this->job->refresh()->update(['due_on' => '2026-12-05']);
        $this->actingAs($this->person(Role::Owner));
        $hours = ['version' => '0', 'answer_days' => '3', 'hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], '8:00–17:00')];
        $this->post('/load/hours', $hours + ['own' => ['wash' => ['tue' => '8:00–17:00']]])->assertSessionDoesntHaveErrors();
        $this->tellOf('piston 508000', PartState::Arrived, '');
        $this->tick('deck.1');
        Carbon::setTestNow('2026-12-02 07:00:00');
        $this->get('/load')->assertSee('The wash tank is closed until Tue 8 Dec 8:00; final wash cannot begin before.');
    }

    public function test_what_is_too_large_for_a_machine_is_not_planned_on_it(): void
    {
        $this->actingAs($this->person(Role::Owner));
        $hours = ['version' => '0', 'answer_days' => '3', 'hours' => ['mon' => '8-12'], 'largest' => ['mill' => 'large']];
        $this->from('/load/hours')->post('/load/hours', $hours)->assertSessionHasErrors('largest.mill');
        $this->get('/load/hours')->assertSee('value="large"', false);
        $this->post('/load/hours', ['largest' => ['mill' => '3.5 in', 'hone' => '110']] + $hours)->assertSessionDoesntHaveErrors();
        $this->get('/load/hours')->assertSee('value="88.9 mm"', false);
        $this->get('/load')->assertSee(
            "{$this->job->tag()} is too large for the boring mill: bore and what follows cannot be planned here.",
        );
        $this->assertArrayNotHasKey("{$this->job->tag()}/hone", $this->plan()->schedule->placements);
        $this->assertSame('Mon 30 Nov 8:00', $this->starts('deck'), 'what comes before it is done here');
    }

    public function test_what_is_stopped_is_not_planned_and_says_what_it_waits_for(): void
    {
        $this->post($this->url('work/flaws'), [
            'ulid' => $this->ulid(),
            'cylinder' => 2,
            'look' => Look::SharpLine->value,
            'remark' => 'to the water jacket',
        ])->assertSessionDoesntHaveErrors();
        $page = $this->get('/load')->assertOk();
        $open = $this->plan()->jobs[$this->job->tag()]->stopped;
        $this->assertNotSame([], $open);
        $page->assertSee('cannot be planned. It waits for');
    }

    public function test_the_page_of_a_machine_stands_in_the_order_of_the_plan(): void
    {
        $this->get('/machines/surfacer')->assertOk()->assertSee('planned')->assertSee('Mon 30 Nov 8:00');
    }

    private function receiveJob2(): void
    {
        $this->job = $this->job($this->inspector);
        $this->crackCheck($this->job, $this->inspector, EnginePart::Block);
        $this->chooseTwentyOver();
    }

    private function offered(): string
    {
        $this->post($this->url('offers'), [
            'ulid' => $this->ulid(),
            'by' => 'telephone',
            'wanted_by' => now()->addDays(3)->format('Y-m-d'),
        ]);
        $offer = OfferBook::of(app(JobFiles::class)->open($this->job->refresh())->record->observations())->newest();

        return $offer?->ways()[0]->readyOn->format('Y-m-d') ?? '';
    }

    private function plan(): PlannedLoad
    {
        return app(PlanOfShop::class)->now();
    }

    private function starts(string $kind): string
    {
        $plan = $this->plan();

        return $plan->at($plan->schedule->placements["{$this->job->tag()}/{$kind}"]->start)->format('D j M G:i');
    }

    private function pin(string $kind, string $starts, string $mark = ''): TestResponse
    {
        return $this->postJson('/load/pins', [
            'ulid' => $this->ulid(),
            'operation' => "{$this->job->tag()}/{$kind}",
            'starts' => $starts,
            'mark' => $mark,
        ]);
    }

    private function close(string $of, string $begins, string $ends, string $why, ?Role $role = null): TestResponse
    {
        if ($role !== null) {
            $this->actingAs($this->person($role));
        }

        return $this->post('/load/closures', ['ulid' => $this->ulid(), 'of' => $of, 'begins' => $begins, 'ends' => $ends, 'why' => $why]);
    }

    private function tellOf(string $part, PartState $state, string $promised): void
    {
        app(TellOfPart::class)->handle(
            $this->job->refresh(),
            $this->inspector,
            $this->ulid(),
            $part,
            $state,
            'by telephone',
            $promised,
            'said',
        );
    }

    private function import(string $content): TestResponse
    {
        return $this->post('/load/calendars', ['calendar' => UploadedFile::fake()->createWithContent('days.ics', $content)]);
    }
}
