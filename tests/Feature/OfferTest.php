<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Offers\OfferDraft;
use App\Offers\OfferMail;
use App\Offers\OfferRoute;
use App\People\Role;
use App\Record\Concessions;
use App\Record\FindingKey;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Record\Offer;
use App\Record\OfferBook;
use App\Shop\PriceBook;
use App\Shop\PriceLine;
use App\Stages\Cracks\DecideCrack;
use App\Stages\Receive\KeepPhoto;
use App\Storage\Customer;
use App\Storage\EntryKind;
use App\Storage\LedgerEntry;
use App\Storage\OfferLink;
use App\Storage\Photo;
use App\Storage\PlanChoice;
use App\Storage\StoredOrder;
use App\Storage\User;
use Database\Seeders\DemoIncoming;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\URL;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Assessment\KnownPits;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Receiving\Usage;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Outcome;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** From the plan to the customer's answer, and back into the order (PLAN-4, PLAN-5). */
final class OfferTest extends TestCase
{
    use WorkedJob;

    private User $counter;

    protected function setUp(): void
    {
        parent::setUp();
        $this->receiveJob();
        $this->readWorn();
        $this->counter = $this->person(Role::FrontCounter);
        $this->actingAs($this->counter);
        Carbon::setTestNow('2026-11-30 09:00:00');
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_an_offer_holds_the_work_and_its_answer_makes_the_order(): void
    {
        $this->send()->assertSessionDoesntHaveErrors();
        $offer = $this->offer();
        $this->job->refresh();
        $this->assertTrue($this->job->is_held);
        $this->assertStringContainsString('an answer to offer 1 by 7 Dec', $this->job->waits_for);
        $this->assertSame('2026-12-07', $this->job->answer_due_on?->format('Y-m-d'));
        $this->get('/')->assertSee('an answer to offer 1')->assertDontSee('overdue');

        auth()->logout();
        $page = $this->get($offer->address('open'))->assertOk();
        $page->assertSee('What we would do')->assertSee($this->job->tag())->assertDontSee('BORE-')->assertDontSee('log out');
        $this->assertSame(1, OfferLink::named($offer->id())?->opened_times);
        $this->post($offer->address('answer'), ['way' => 'recommended', 'name' => '', 'ulid' => $this->ulid()])->assertSessionHasErrors(
            'name',
        );
        $this->answer($offer)->assertRedirect($offer->address('open'));

        $this->job->refresh();
        $this->assertFalse($this->job->is_held);
        $choice = PlanChoice::query()->sole();
        $this->assertSame($offer->ways()[0]->parts, $choice->parts);
        $this->assertSame($offer->ways()[0]->costMinor, $choice->cost_minor, 'the price is the one that was offered');
        $this->assertSame(1, StoredOrder::query()->count());
        $entry = LedgerEntry::query()->where('job_id', $this->job->id)->where('kind', EntryKind::OfferAnswered->value)->sole();
        $this->assertStringContainsString('the works manager', $entry->payload);
        $this->get($offer->address('open'))->assertOk()->assertSee('You have answered')->assertDontSee('Go ahead with this');
    }

    /** A way is never said to be sooner than one that is ready on the same day. */
    public function test_days_that_are_won_or_lost_are_those_between_the_days_that_are_told(): void
    {
        $this->send();
        $ways = $this->offer()->ways();
        $this->assertGreaterThan(1, count($ways));
        foreach ($ways as $way) {
            $days = (int) $ways[0]->readyOn->diffInDays($way->readyOn);
            $said = implode('; ', [...$way->gained, ...$way->givenUp]);
            $this->assertSame($days > 0, str_contains($said, 'later'), $said);
            $this->assertSame($days < 0, str_contains($said, 'sooner'), $said);
            $days === 0 ||
                $this->assertMatchesRegularExpression('/\b'.(abs($days) === 1 ? 'one' : abs($days)).' days? (later|sooner)/', $said);
        }
    }

    /** Felt pits in an otherwise sound block: nobody at the bench can take them, the customer's answer can (VER-5). */
    public function test_known_pits_are_accepted_by_the_answer_and_by_nothing_else(): void
    {
        $this->job = $this->job($this->inspector);
        $this->job->update(['usage' => Usage::Hard]);
        $this->actingAs($this->inspector);
        $this->crackCheck($this->job, $this->inspector, EnginePart::Block);
        $this->stateSetup($this->job);
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['0.9', '0.5', '0.6', '0.4', '0.3', '0.3']);
            foreach (['ridge.%d.top' => '0', 'ridge.%d.bottom' => '0', 'scoring.%d' => '0', 'crack.%d' => '0'] as $place => $look) {
                $this->key($this->job, sprintf($place, $cylinder), $look);
            }
            $this->key($this->job, "pitting.{$cylinder}", $cylinder === 3 ? '3' : '0');
            $this->key($this->job, "piston.{$cylinder}", '3.8105');
        }
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => KnownPits::CODE])->assertSessionHasErrors('option');
        $this->assertStringContainsString('the customer’s to accept', (string) session('errors')?->first('option'));

        $this->actingAs($this->counter);
        $this->send()->assertSessionDoesntHaveErrors();
        $way = $this->offer()->way('cheapest');
        $this->assertSame(['BORE-6/bore.3/pitting'], array_column($way->accepts ?? [], 'finding'));
        $this->assertStringContainsString('For hard use we advise against it.', $way?->accepts[0]['worst'] ?? '');
        $this->assertSame([], $this->offer()->way('recommended')?->accepts);
        $this->assertSame([], $this->offer()->way('longest_lived')->accepts ?? [], 'what leaves pits is not called long-lived');

        $this->answer($this->offer(), 'cheapest')->assertSessionDoesntHaveErrors();
        $file = $this->file();
        $this->assertSame([3], array_keys(Concessions::of($file->record->observations())->acceptedPits()));
        $this->assertSame(['stay', CanStay::Yes], [$file->work()->chosen()?->key(), $file->assessment()->canStay]);
        $this->assertFalse($file->work()->isPlanOpenAgain());
        $this->assertNull($file->assessment()->knownPits);
        $this->actingAs($this->inspector);
        $this->key($this->job, 'pit.3', '.0006')->assertOk();
        $this->assertSame(CanStay::Yes, $this->file()->assessment()->canStay, 'nobody had measured how deep they go');
    }

    public function test_pits_that_turn_out_deeper_are_not_those_that_were_accepted(): void
    {
        $this->actingAs($this->inspector);
        $this->key($this->job, 'pitting.1', '3');
        $this->key($this->job, 'pit.1', '.0006')->assertOk();
        $finding = FindingKey::ofPitting(1);
        $this->post($this->url('judge/concessions'), [
            'ulid' => $this->ulid(),
            'finding' => $finding,
            'worst' => 'it burns oil',
            'accepted_by' => 'the works manager',
            'password' => 'a-password',
        ])->assertSessionDoesntHaveErrors();
        $pitting = fn (): Outcome => $this->file()->assessment()->bores[0]->finding(Criterion::Pitting)->outcome;
        $this->assertSame(Outcome::Concession, $pitting());
        $this->key($this->job, 'pit.1', '.0011', changes: ['reason' => 'measured again'])->assertOk();
        $this->assertSame(Outcome::Fail, $pitting());
    }

    public function test_a_link_used_twice_answers_once_and_says_who_was_first(): void
    {
        $this->send()->assertSessionDoesntHaveErrors();
        $offer = $this->offer();
        $ulid = $this->ulid();
        $this->answer($offer, ulid: $ulid);
        $this->answer($offer, ulid: $ulid)->assertRedirect($offer->address('open'));
        $this->answer($offer, Offer::NONE, 'somebody else')->assertSessionHasErrors('way');
        $this->assertStringContainsString('answered already, by the works manager', (string) session('errors')?->first('way'));
        $this->assertSame(1, PlanChoice::query()->count());
    }

    /** @return iterable<string, array{callable(string): string}> */
    public static function alterations(): iterable
    {
        yield 'the signature' => [static fn (string $link): string => substr($link, 0, -1).($link[-1] === 'a' ? 'b' : 'a')];
        yield 'the offer' => [static fn (string $link): string => (string) preg_replace('#/offer/.#', '/offer/9', $link)];
        yield 'no signature' => [static fn (string $link): string => (string) strtok($link, '?')];
        yield 'something added' => [static fn (string $link): string => "{$link}&job=1"];
    }

    /** @param  callable(string): string  $alter */
    #[DataProvider('alterations')]
    public function test_an_altered_address_shows_nothing(callable $alter): void
    {
        $this->send();
        $offer = $this->offer();
        auth()->logout();
        $this->get($alter($offer->address('open')))->assertForbidden()->assertSee('not complete')->assertDontSee($this->job->tag());
        $this->post($alter($offer->address('answer')), ['way' => 'recommended', 'name' => 'x', 'ulid' => $this->ulid()])->assertForbidden();
        $this->assertSame(0, PlanChoice::query()->count());
    }

    public function test_an_offer_that_was_taken_back_or_is_past_its_day_cannot_be_answered(): void
    {
        $this->send();
        $first = $this->offer();
        $this->post("/jobs/{$this->job->tag()}/offers/{$first->id()}/withdraw", ['ulid' => $this->ulid(), 'reason' => 'a wrong price']);
        $this->get($first->address('open'))->assertStatus(410)->assertSee('taken back');
        $this->answer($first)->assertSessionHasErrors('way');
        $this->assertFalse($this->job->refresh()->is_held);

        $this->send()->assertSessionDoesntHaveErrors();
        $second = $this->offer();
        Carbon::setTestNow('2026-12-08 09:00:00');
        $this->get($second->address('open'))->assertStatus(410)->assertSee('has passed');
        $this->answer($second)->assertSessionHasErrors('way');
        $this->get('/')->assertSee('overdue: ask again');
    }

    public function test_pictures_of_what_was_found_come_along_and_no_others(): void
    {
        $this->actingAs($this->inspector);
        $this->key($this->job, 'crack.3', '1')->assertOk();
        $crack = $this->file()->record->cracks()->indications[0];
        $this->photo("indication.{$crack->id}");
        $this->photo('paperwork');
        $this->actingAs($this->counter);
        $this->send()->assertSessionDoesntHaveErrors();
        auth()->logout();
        $page = (string) $this->get($this->offer()->address('open'))
            ->assertOk()
            ->assertSee('What we found')
            ->getContent();
        $this->assertSame(1, preg_match_all('#<img src="([^"]+)"#', $page, $match));
        $address = html_entity_decode($match[1][0]);
        $this->get($address)->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $paperwork = Photo::query()->where('subject', 'paperwork')->sole()->ulid;
        $this->get((string) preg_replace('#photos/\w+#', "photos/{$paperwork}", $address))->assertForbidden();
        $this->get(
            URL::signedRoute('offer.photo', ['offer' => $this->offer()->id(), 'photo' => $paperwork], absolute: false),
        )->assertNotFound();
    }

    /** @return iterable<string, array{string, string, bool}> */
    public static function waysWithACrack(): iterable
    {
        yield 'the way that sleeves it' => ['recommended', 'accepted', true];
        yield 'another block' => ['longest_lived', 'declined', false];
    }

    /** A repair that the customer decides about is part of the offer, and signed by its answer. */
    #[DataProvider('waysWithACrack')]
    public function test_an_answer_settles_what_it_accepts(string $way, string $answer, bool $hasOrder): void
    {
        $this->crackABore();
        $this->send()->assertSessionDoesntHaveErrors();
        $offer = $this->offer();
        $this->assertStringContainsString('the repair can fail', $offer->accepts()[0]['words'] ?? '');
        auth()->logout();
        $this->get($offer->address('open'))->assertSee('With your answer you accept');
        $this->answer($offer, $way)->assertSessionDoesntHaveErrors();

        $this->assertSame($answer, $this->file()->record->cracks()->cracks()[0]->answer?->value);
        $this->assertFalse($this->job->refresh()->is_held, $this->job->waits_for);
        $this->assertSame([], $this->file()->work()->stops());
        $this->assertSame($hasOrder, StoredOrder::query()->exists());
    }

    public function test_what_is_found_later_makes_an_offer_stale_and_opens_the_plan_again(): void
    {
        $this->send();
        $offer = $this->offer();
        $this->actingAs($this->inspector);
        $this->key($this->job, 'crack.3', '1')->assertOk();
        $this->get($offer->address('open'))->assertStatus(410)->assertSee('Something is different');
        $this->answer($offer)->assertSessionHasErrors('way');
        $this->assertSame(0, PlanChoice::query()->count());
        $this->get($this->url('offers'))->assertSee('does not hold any more');
    }

    public function test_its_mark_is_another_one_whenever_it_says_something_else_of_the_engine(): void
    {
        $marks = [];
        $note = function () use (&$marks): void {
            $draft = OfferDraft::of($this->file());
            $marks[(string) json_encode([$draft->unsure, $draft->accepts])][] = $draft->mark->text();
        };
        $note();
        $note();
        $this->actingAs($this->inspector);
        $this->sendTo($this->job, 'receive/parts', ['part' => 'rods', 'state' => 'missing', 'count' => '2'])->assertOk();
        $note();
        $this->crackABore();
        $note();
        $this->assertCount(3, $marks);
        $this->assertCount(3, array_unique(array_merge(...array_values($marks))));
    }

    public function test_none_of_them_stops_the_work_even_where_an_order_is_out_until_another_offer_is_agreed(): void
    {
        $this->actingAs($this->inspector);
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertSessionDoesntHaveErrors();
        $this->actingAs($this->counter);
        $this->send()->assertSessionDoesntHaveErrors();
        $this->answer($this->offer(), Offer::NONE)->assertSessionDoesntHaveErrors();
        $this->assertTrue($this->job->refresh()->is_held);
        $this->assertStringContainsString('none of the ways of offer 1 is wanted', $this->job->waits_for);
        $this->actingAs($this->machinist);
        $this->tick('wash');
        $this->tick('crack check');
        $this->tick('deck.1')->assertSessionHasErrors();
        $this->actingAs($this->counter);
        $this->send()->assertSessionDoesntHaveErrors();
        $this->answer($this->offer())->assertSessionDoesntHaveErrors();
        $this->assertFalse($this->job->refresh()->is_held);
    }

    public function test_a_price_that_was_sent_holds_whatever_the_list_says_later(): void
    {
        $this->send();
        $offer = $this->offer();
        $line = new PriceLine(PriceItem::Piston, '', ['labour' => '0.00', 'parts' => '99.00', 'setup' => '0', 'run' => '0', 'days' => '8']);
        $this->assertTrue($this->app->make(PriceBook::class)->take([$line], $this->inspector->id));
        $this->get($offer->address('open'))
            ->assertOk()
            ->assertSee($offer->ways()[0]->price());
        $this->answer($offer)->assertSessionDoesntHaveErrors();
        $this->assertSame($offer->ways()[0]->costMinor, PlanChoice::query()->sole()->cost_minor);
        $this->assertNotSame($offer->ways()[0]->costMinor, $this->file()->plan()->recommended()?->cost->minor);
    }

    public function test_none_of_them_is_kept(): void
    {
        $this->send();
        $this->answer($this->offer(), Offer::NONE)->assertSessionDoesntHaveErrors();
        $this->assertSame(0, PlanChoice::query()->count());
        $this->get($this->url('offers'))->assertSee('none of these: the works manager');
    }

    public function test_the_counter_notes_an_answer_by_telephone(): void
    {
        $this->send();
        $offer = $this->offer();
        $this->post("/jobs/{$this->job->tag()}/offers/{$offer->id()}/answer", [
            'ulid' => $this->ulid(),
            'way' => 'recommended',
            'name' => 'the manager',
            'by' => 'telephone',
            'remark' => 'please before the season',
        ])->assertRedirect($this->url('work'));
        $this->get($this->url('offers'))->assertSee('the manager, by telephone')->assertSee('please before the season');
    }

    public function test_a_question_stands_on_the_bench_until_it_is_settled(): void
    {
        $this->send();
        $offer = $this->offer();
        auth()->logout();
        $this->post($offer->address('ask'), ['ulid' => $this->ulid(), 'name' => 'the foreman', 'question' => 'Could it be sooner?'])
            ->assertSessionDoesntHaveErrors()
            ->assertRedirect($offer->address('open'));
        $this->actingAs($this->counter)->get('/')->assertSee('the foreman asks something');
        $this->get($this->url('offers'))->assertSee('Could it be sooner?');
        $question = $this->offer()->questions[0];
        $this->post("/jobs/{$this->job->tag()}/offers/{$offer->id()}/settle", [
            'ulid' => $this->ulid(),
            'question' => $question->ulid,
            'how' => 'No, the pistons take a week.',
        ]);
        $this->get('/')->assertDontSee('asks something');
    }

    public function test_it_goes_by_e_mail_where_there_is_an_address(): void
    {
        $this->send(['by' => 'email'])->assertSessionHasErrors('by');
        Mail::fake();
        $this->post("/customers/{$this->job->customer_id}", [
            'name' => 'Sawmill',
            'email' => 'office@sawmill.example',
            'asked_by' => 'email',
        ]);
        $this->send(['by' => 'email'])->assertSessionDoesntHaveErrors();
        Mail::assertSent(OfferMail::class, fn (OfferMail $mail): bool => $mail->hasTo('office@sawmill.example'));
        Mail::assertSentCount(1);
    }

    public function test_the_mailbox_shows_what_was_sent_with_a_link_that_opens(): void
    {
        $this->post("/customers/{$this->job->customer_id}", ['name' => 'Sawmill', 'email' => 'office@sawmill.example']);
        $folder = storage_path('app/mail-'.getmypid());
        config(['mail.folder' => $folder]);
        try {
            $this->send(['by' => 'email']);
            $this->get('/mailbox')
                ->assertOk()
                ->assertSee('office@sawmill.example')
                ->assertSee($this->offer()->link())
                ->assertSee('What we would do');
        } finally {
            array_map(unlink(...), glob("{$folder}/*.eml") ?: []);
            is_dir($folder) && rmdir($folder);
        }
    }

    public function test_a_mail_server_that_is_down_loses_no_offer(): void
    {
        $this->post("/customers/{$this->job->customer_id}", ['name' => 'Sawmill', 'email' => 'office@sawmill.example']);
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => 9]);
        $this->send(['by' => 'email'])->assertSessionHas('note', fn (string $note): bool => str_contains($note, 'could not be sent'));
        $this->get($this->offer()->address('open'))->assertOk();
    }

    public function test_a_second_offer_waits_for_the_first_and_a_past_day_is_refused(): void
    {
        $this->send(['wanted_by' => '2026-11-29'])->assertSessionHasErrors('wanted_by');
        $this->send();
        $this->send()->assertSessionHasErrors('by');
        $this->assertCount(1, OfferBook::of($this->file()->record->observations())->offers);
    }

    public function test_who_may_not_speak_with_the_customer_sends_nothing(): void
    {
        $this->actingAs($this->machinist);
        $this->send()->assertForbidden();
        $this->machinist->update(['sees_prices' => true]);
        $this->get($this->url('offers'))->assertOk()->assertDontSee('Send the offer');
        $this->actingAs($this->counter);
        $this->send()->assertSessionDoesntHaveErrors();
        $this->actingAs($this->machinist);
        $this->get($this->url('offers'))->assertOk()->assertSee('Offer 1')->assertDontSee('signature=');
        $this->get('/mailbox')->assertForbidden();
    }

    public function test_customers_entered_twice_become_one_with_all_their_jobs(): void
    {
        $other = $this->job($this->inspector);
        $this->post("/customers/{$other->customer_id}", ['name' => 'Saw mill', 'phone' => '555 0102'])->assertSessionDoesntHaveErrors();
        $this->assertSame($other->customer_id, $this->job->customer_id, 'they came in under one name');
        $twice = Customer::query()->create(['name' => 'The sawmill', 'email' => 'mill@sawmill.example']);
        $other->update(['customer_id' => $twice->id]);

        $this->post("/customers/{$this->job->customer_id}/merge", ['other' => $twice->id])->assertSessionDoesntHaveErrors();
        $this->get("/customers/{$this->job->customer_id}")
            ->assertSee($other->tag())
            ->assertSee($this->job->tag())
            ->assertSee('mill@sawmill.example')
            ->assertSee('555 0102');
        $this->get("/customers/{$twice->id}")->assertNotFound();
        $this->post("/customers/{$this->job->customer_id}", ['name' => 'Saw mill', 'email' => 'nonsense'])->assertSessionHasErrors('email');
    }

    /** @param  array<string, string>  $changes */
    private function send(array $changes = []): TestResponse
    {
        return $this->post(
            "/jobs/{$this->job->tag()}/offers",
            $changes + ['ulid' => $this->ulid(), 'by' => OfferRoute::Telephone->value, 'wanted_by' => '2026-12-07'],
        );
    }

    private function answer(Offer $offer, string $way = 'recommended', string $name = 'the works manager', string $ulid = ''): TestResponse
    {
        return $this->post($offer->address('answer'), ['way' => $way, 'name' => $name, 'ulid' => $ulid ?: $this->ulid()]);
    }

    private function crackABore(): void
    {
        $incoming = $this->app->make(DemoIncoming::class);
        $at = Carbon::yesterday()->setTime(15, 0);
        $crack = $incoming->indication(
            $this->job,
            $this->inspector,
            Face::Deck,
            CrackZone::BoreWall,
            3,
            [[520, 420], [528, 470]],
            Look::SharpLine,
            '.8',
            $at,
        );
        $incoming->retest($this->job, $this->inspector, $crack, Look::SharpLine, $at->copy()->addMinutes(30));
        $this->app->make(DecideCrack::class)->handle($this->job, $this->inspector, $this->ulid(), $crack, Disposition::Sleeve, false, '');
    }

    private function photo(string $subject): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'photo');
        imagejpeg(imagecreatetruecolor(64, 48), $path);
        $this->app->make(KeepPhoto::class)->handle($this->job, $this->inspector, $this->ulid(), $subject, '', $path);
    }

    private function offer(): Offer
    {
        $newest = OfferBook::of($this->file()->record->observations())->newest();
        $this->assertNotNull($newest);

        return $newest;
    }

    private function file(): JobFile
    {
        return $this->app->make(JobFiles::class)->open($this->job->refresh());
    }
}
