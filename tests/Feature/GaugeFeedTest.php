<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Gauges\GaugeRegister;
use App\People\Role;
use App\Storage\Gauge;
use App\Storage\Job;
use App\Storage\Reading;
use App\Storage\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\ReadingUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Gauges that send: each line answered, counted once, and waiting for the page that claimed the gauge. */
final class GaugeFeedTest extends TestCase
{
    private const SEAT = '01HZZZZZZZZZZZZZZZZZZZZZZA';

    private User $inspector;

    private Job $job;

    private Gauge $gauge;

    private string $token;

    protected function setUp(): void
    {
        parent::setUp();
        $this->inspector = $this->person(Role::Inspector);
        $this->job = $this->job($this->inspector);
        $this->gauge = $this->gauge('G-07', InstrumentKind::BoreGaugeTenth);
        $this->token = $this->app->make(GaugeRegister::class)->giveToken($this->ulid(), $this->gauge, $this->inspector);
        $this->actingAs($this->inspector);
        $this->stateSetup($this->job, changes: ['instrument' => 'G-07']);
    }

    public function test_a_line_waits_for_the_page_that_claimed_the_gauge_until_it_has_it(): void
    {
        $this->assertSame(
            'error nobody has claimed G-07; claim it on the sheet first (key g), then send again',
            $this->sendLines('G-07 +1.5 thou 1'),
        );
        $this->claim()->assertOk()->assertJsonPath('gauge', 'G-07');
        $this->assertSame("ok 1\nok", $this->sendLines("G-07 +1.5 thou 1\r\n\r\nG-07 3.1 tenths"));
        $waiting = $this->getJson('/feed/waiting?seat='.self::SEAT)->assertOk();
        $this->assertSame(['+1.5 thou', '3.1 tenths'], array_column($waiting->json('lines'), 'text'));
        $ulid = $waiting->json('lines.0.ulid');
        // The page keeps it under the number it got, and says so; twice is once.
        $this->key($this->job, 'bore.1.top.thrust', '+1.5 thou', changes: ['ulid' => $ulid])->assertOk();
        $this->key($this->job, 'bore.1.top.thrust', '+1.5 thou', changes: ['ulid' => $ulid])->assertOk();
        $this->postJson('/feed/taken', ['seat' => self::SEAT, 'lines' => [$ulid]])->assertOk();
        $this->assertSame(['3.1 tenths'], array_column($this->getJson('/feed/waiting?seat='.self::SEAT)->json('lines'), 'text'));
        $this->assertSame([1, 96_837_500 + 38_100], [Reading::query()->count(), Reading::query()->sole()->value_nm]);
    }

    public function test_a_line_sent_again_is_counted_once(): void
    {
        $this->claim();
        $this->assertSame("ok 7\nagain 7", $this->sendLines("G-07 1.5 thou 7\nG-07 1.5 thou 7"));
        $this->assertSame('again 7', $this->sendLines('G-07 1.5 thou 7'));
        $this->assertStringStartsWith('error number 7 was sent before as 1.5 thou', $this->sendLines('G-07 1.6 thou 7'));
        $this->assertSame(1, DB::table('gauge_lines')->count());
        $this->token = $this->app->make(GaugeRegister::class)->giveToken($this->ulid(), $this->gauge->refresh(), $this->inspector);
        $this->assertSame('ok 7', $this->sendLines('G-07 1.6 thou 7'), 'a new token counts anew');
    }

    /** @return iterable<string, array{string, string}> */
    public static function wrongLines(): iterable
    {
        yield 'another gauge' => ['G-99 1.5 thou 1', 'error this token belongs to G-07'];
        yield 'no unit' => ['G-07 1.5', 'error a line is: gauge value unit [number]'];
        yield 'an unknown unit' => ['G-07 1.5 furlongs 1', 'error “furlongs” is no unit of the feed; use in, mm, thou, tenths, um'];
        yield 'a comma' => ['G-07 1,5 thou 1', 'error “1,5” is no value'];
        yield 'an exponent' => ['G-07 1e3 um 1', 'error “1e3” is no value'];
        yield 'a number that is none' => ['G-07 1.5 thou one', 'error “one” is no line number'];
        yield 'too much' => ['G-07 1.5 thou 1 2', 'error a line is'];
        yield 'bytes' => ["\xFF\xFE\x00 1 thou", 'error this token belongs to G-07'];
    }

    #[DataProvider('wrongLines')]
    public function test_a_wrong_line_is_answered_with_what_is_wrong(string $line, string $answer): void
    {
        $this->claim();
        $this->assertStringStartsWith($answer, $this->sendLines($line));
        $this->assertSame(0, DB::table('gauge_lines')->count());
    }

    public function test_a_gauge_that_shows_sizes_sends_sizes(): void
    {
        $micrometer = $this->gauge('G-05', InstrumentKind::InsideMicrometer);
        $this->token = $this->app->make(GaugeRegister::class)->giveToken($this->ulid(), $micrometer, $this->inspector);
        $this->claim('G-05')->assertOk();
        $this->assertSame('error G-05 shows sizes; send them in in or mm', $this->sendLines('G-05 1.5 thou'));
        $this->assertSame('ok', $this->sendLines('G-05 3.8141 in'));
    }

    public function test_nobody_gets_in_without_a_token_and_an_ended_one_is_none(): void
    {
        $this->claim();
        $old = $this->token;
        $this->app->make(GaugeRegister::class)->giveToken($this->ulid(), $this->gauge->refresh(), $this->inspector);
        foreach (['', 'guess', $old] as $token) {
            $this->token = $token;
            $this->assertStringStartsWith('error no such token', $this->sendLines('G-07 1.5 thou 1', 401));
        }
        $this->call('GET', '/feed/asked')->assertUnauthorized();
    }

    public function test_too_much_at_once_is_refused(): void
    {
        $this->claim();
        $this->assertStringStartsWith('error send one reading a line', $this->sendLines(str_repeat("G-07 1 thou\n", 101), 422));
        $this->assertStringStartsWith('error send one reading a line', $this->sendLines('', 422));
        $this->assertStringStartsWith('error more than', $this->sendLines(str_repeat('x', 20_000), 413));
        $this->sendLines(str_repeat("G-07 1 thou\n", 100));
        $this->sendLines(str_repeat("G-07 1 thou\n", 100));
        $this->assertStringStartsWith('error 200 readings wait for the page already', $this->sendLines('G-07 1 thou'));
    }

    public function test_a_gauge_belongs_to_the_page_that_claimed_it_last(): void
    {
        $other = '01HZZZZZZZZZZZZZZZZZZZZZZB';
        $this->claim();
        $this->claim(seat: $other);
        $this->sendLines('G-07 1.5 thou 1');
        $this->getJson('/feed/waiting?seat='.self::SEAT)
            ->assertJsonPath('gauge', null)
            ->assertJsonPath('lines', []);
        $this->getJson("/feed/waiting?seat={$other}")
            ->assertJsonPath('gauge', 'G-07')
            ->assertJsonCount(1, 'lines');
        $this->postJson('/feed/releases', ['seat' => $other])->assertOk();
        $this->assertStringStartsWith('error nobody has claimed', $this->sendLines('G-07 1.5 thou 2'));
        $this->claim('G-99')->assertUnprocessable()->assertJsonPath('message', 'G-99 has no feed. Give it a token on the Gauges page.');
    }

    public function test_a_gauge_that_can_be_asked_sees_for_which_place(): void
    {
        $this->claim();
        $this->asked()->assertNoContent();
        $this->postJson('/feed/asks', ['seat' => self::SEAT, 'place' => 'bore.3.top.thrust'])->assertJsonPath('asked', true);
        $this->assertSame("1 bore.3.top.thrust\n", $this->asked()->assertOk()->getContent());
        $this->postJson('/feed/asks', ['seat' => self::SEAT, 'place' => 'bore.3.top.thrust']);
        $this->assertSame("2 bore.3.top.thrust\n", $this->asked()->getContent());
        $this->actingAs($this->person(Role::Owner))
            ->postJson('/feed/asks', ['seat' => self::SEAT, 'place' => 'bore.4.top.thrust'])
            ->assertJsonPath('asked', false);
        $this->actingAs($this->person(Role::Machinist))
            ->postJson('/feed/asks', ['seat' => self::SEAT, 'place' => 'bore.4.top.thrust'])
            ->assertForbidden();
    }

    public function test_a_pasted_line_with_a_number_makes_one_reading(): void
    {
        $mark = ['feed' => ['gauge' => 'G-07', 'number' => 5]];
        $this->key($this->job, 'bore.1.top.thrust', '1.5 thou', changes: $mark)->assertOk();
        $this->key($this->job, 'bore.2.top.thrust', '1.5 thou', changes: $mark)
            ->assertUnprocessable()
            ->assertJsonPath('question.text', 'Line 5 of G-07 was counted already. Drop it with Esc.');
        $this->key(
            $this->job,
            'bore.2.top.thrust',
            '1.5 thou',
            changes: ['feed' => ['gauge' => 'G-99', 'number' => 5]],
        )->assertUnprocessable();
        $this->assertSame(1, Reading::query()->count());
        $this->claim();
        $this->assertSame('again 5', $this->sendLines('G-07 1.5 thou 5'), 'and not once more when the gauge sends it itself');
    }

    public function test_what_waits_at_a_seat_is_its_persons_alone(): void
    {
        $this->claim();
        $this->sendLines('G-07 3.1 tenths 1');
        $ulid = DB::table('gauge_lines')->value('ulid');
        $this->actingAs($this->person(Role::Owner));
        $this->assertSame([], $this->getJson('/feed/waiting?seat='.self::SEAT)->json('lines'));
        $this->postJson('/feed/taken', ['seat' => self::SEAT, 'lines' => [$ulid]])->assertOk();
        $this->postJson('/feed/releases', ['seat' => self::SEAT])->assertOk();
        $this->actingAs($this->inspector);
        $this->getJson('/feed/waiting?seat='.self::SEAT)
            ->assertJsonPath('gauge', 'G-07')
            ->assertJsonCount(1, 'lines');
    }

    public function test_wrong_tokens_lock_out_nobody_who_is_right(): void
    {
        $this->claim();
        $right = $this->token;
        for ($i = 0; $i < 60; $i++) {
            $this->token = "wrong-{$i}";
            $this->sendLines('G-07 3.1 tenths 1', 401);
        }
        $this->sendLines('G-07 3.1 tenths 1', 429);
        $this->token = $right;
        $this->assertSame('ok 1', $this->sendLines('G-07 3.1 tenths 1'));
    }

    private function gauge(string $tag, InstrumentKind $kind): Gauge
    {
        $book = Instrument::ofKind($kind);

        return $this->app->make(GaugeRegister::class)->registerGauge(
            $this->ulid(),
            [
                'tag' => $tag,
                'name' => 'with output',
                'kind' => $kind,
                'unit' => LengthUnit::Inch,
                'reading_unit' => $kind->showsSizes() ? null : ReadingUnit::Thou,
                'resolution_nm' => $book->resolution->nanometres,
                'calibration_nm' => $book->calibration->nanometres,
                'repeatability_nm' => $book->repeatability->nanometres,
                'range_least_nm' => $kind->range()->least->nanometres,
                'range_most_nm' => $kind->range()->most->nanometres,
                'calibration_due' => null,
            ],
            $this->inspector,
        );
    }

    private function claim(string $tag = 'G-07', string $seat = self::SEAT): TestResponse
    {
        return $this->postJson("/jobs/{$this->job->tag()}/sheets/bores/claims", ['gauge' => $tag, 'seat' => $seat]);
    }

    private function sendLines(string $body, int $status = 200): string
    {
        $answer = $this->call(
            'POST',
            '/feed',
            server: ['HTTP_AUTHORIZATION' => "Bearer {$this->token}", 'CONTENT_TYPE' => 'text/plain'],
            content: $body,
        );
        $this->assertSame($status, $answer->getStatusCode(), (string) $answer->getContent());

        return trim((string) $answer->getContent());
    }

    private function asked(): TestResponse
    {
        return $this->call('GET', '/feed/asked', server: ['HTTP_AUTHORIZATION' => "Bearer {$this->token}"]);
    }
}
