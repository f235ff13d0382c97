<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Practice\DrawnInstrument;
use App\Practice\Picture;
use App\Storage\LedgerEntry;
use App\Storage\PolicyBook;
use App\Storage\PracticeAnswer;
use App\Storage\User;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\GaugeSetting;
use NorthLedger\Core\Practice\MethodQuestion;
use NorthLedger\Core\Practice\QuestionKind;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Practice\Rocking;
use NorthLedger\Core\Practice\Spot;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Bench;
use Tests\TestCase;

/** The practice bench: what is drawn is what is shown, and what is answered is counted once (PRAC-1, PRAC-3). */
final class PracticeTest extends TestCase
{
    private User $learner;

    protected function setUp(): void
    {
        parent::setUp();
        $this->learner = $this->person(Role::Machinist);
        $this->actingAs($this->learner);
    }

    #[DataProvider('exercises')]
    public function test_every_drawn_instrument_shows_exactly_its_value(ReadInstrument $instrument, Spot $spot): void
    {
        for ($seed = 0; $seed < 60; $seed++) {
            $exercise = Exercise::of($instrument, $spot, $seed);
            $read = $this->readBack($instrument, DrawnInstrument::of($exercise));
            $this->assertSame($exercise->shown->nanometres, $read, "{$instrument->value}, {$spot->value}, seed {$seed}");
        }
    }

    /** @return iterable<string, array{ReadInstrument, Spot}> */
    public static function exercises(): iterable
    {
        foreach (ReadInstrument::cases() as $instrument) {
            foreach ($instrument->spots() as $spot) {
                yield "{$instrument->value}, {$spot->value}" => [$instrument, $spot];
            }
        }
    }

    public function test_an_answer_is_right_or_its_mistake_is_named_and_it_counts_once(): void
    {
        $exercise = Exercise::of(ReadInstrument::MetricMicrometer, Spot::HalfLine, 7);
        $reading = $exercise->reading()->nanometres / 1_000_000;
        $this->get('/practice/read/micrometer-metric?seed=7&spot=half%20line')->assertOk()->assertSee('name="seed" value="7"', false);
        $ulid = $this->ulid();
        $answered = $this->answer('micrometer-metric', $exercise, (string) ($reading - 0.5), $ulid);
        $this->followed($answered)
            ->assertSee('One line off: 0.50 mm')
            ->assertSee(number_format($reading, 2, '.', '').' mm');
        $this->answer('micrometer-metric', $exercise, (string) ($reading - 0.5), $ulid);
        $this->assertSame(1, PracticeAnswer::query()->count(), 'sent twice, counted once');
        $this->followed($this->answer('micrometer-metric', $exercise, (string) $reading))->assertSee('✓ Right.');

        $wrong = $this->from('/practice/read/micrometer-metric')->post('/practice/read/micrometer-metric', [
            'ulid' => $this->ulid(),
            'spot' => 'half line',
            'seed' => '7',
            'answer' => 'about twelve',
        ]);
        $wrong->assertSessionHasErrors('answer');
        $this->get('/practice/read/micrometer-metric')->assertSee('value="about twelve"', false)->assertSee('name="seed" value="7"', false);
        $this->post('/practice/read/micrometer-metric', [
            'ulid' => $this->ulid(),
            'spot' => 'larger',
            'seed' => '7',
            'answer' => '1',
        ])->assertSessionHasErrors('spot');
        $this->get('/practice/read/folding-rule')->assertNotFound();
        $this->assertSame(0, LedgerEntry::query()->count(), 'no ledger knows of it');
    }

    public function test_a_bore_gauge_is_answered_in_thousandths_with_its_sign(): void
    {
        $exercise = Exercise::of(ReadInstrument::DialBoreGauge, Spot::Smaller, 3);
        $thou = $exercise->reading()->nanometres / 25_400;
        $this->followed($this->answer('dial-bore-gauge', $exercise, (string) $thou))->assertSee('✓ Right.');
        $this->followed($this->answer('dial-bore-gauge', $exercise, (string) -$thou))->assertSee('The sign is the wrong way round');
    }

    public function test_a_rocked_gauge_is_read_where_it_turns_back(): void
    {
        $rocking = Rocking::of(5);
        $page = (string) $this->get('/practice/rocking?seed=5')->assertOk()->content();
        $this->assertSame(1, preg_match('/data-angles="([^"]+)"/', $page, $match));
        /** @var array<string, float> $angles */
        $angles = json_decode(html_entity_decode($match[1]), true);
        // A larger bore lets the hand go back: where it stands furthest forward the bore is smallest.
        $this->assertEqualsWithDelta($rocking->reading->nanometres, (-max($angles) / 360) * 508_000, 20);
        $thou = static fn (Length $length): string => (string) ($length->nanometres / 25_400);
        $rock = fn (string $answer): TestResponse => $this->post('/practice/rocking', [
            'ulid' => $this->ulid(),
            'seed' => '5',
            'answer' => $answer,
        ]);
        $this->followed($rock($thou($rocking->reading)))->assertSee('✓ Right.');
        $this->followed($rock($thou($rocking->reading->plus(Length::ofNanometres(127_000)))))->assertSee('Not what it shows.');
        $rock('square')->assertSessionHasErrors('answer');
    }

    public function test_the_described_form_gives_lines_and_numbers_and_not_the_answer(): void
    {
        $exercise = Exercise::of(ReadInstrument::InchMicrometer, Spot::Plain, 11);
        $page = $this->get('/practice/read/micrometer-inch?seed=11&spot=plain')->assertOk();
        $page->assertSee('The last line of the thimble that has passed the index is');
        $page->assertDontSee(ltrim(number_format($exercise->reading()->nanometres / 25_400_000, 3), '0'));
    }

    public function test_a_bore_gauge_is_set_and_what_was_wrong_with_it_is_named(): void
    {
        $setting = GaugeSetting::of(LengthUnit::Millimetre, 9);
        $this->get('/practice/setting?seed=9&unit=mm')->assertOk()->assertSee(number_format($setting->wanted->nanometres / 1_000_000, 3));
        $right = ['extension' => $setting->extension->nanometres, 'washer' => $setting->washer->nanometres] + $setting->lines();
        $this->followed($this->setGauge($right))->assertSee('✓ Right.')->assertSee('the contact is pressed in by');
        $this->followed($this->setGauge(['sleeve' => $right['sleeve'] + 1] + $right))
            ->assertSee('The gauge reaches')
            ->assertSee('One line off');
        $longer = ['extension' => $right['extension'] + 5_000_000];
        $this->followed($this->setGauge($longer + $right))->assertSee('Too long: the contact stands on its stop');
        $none = ['extension' => $setting->extensions[0]->nanometres - 5_000_000];
        $this->followed($this->setGauge($none + $right))->assertSee('Too short: the contact hangs in the air');
        $this->setGauge(['extension' => '', 'vernier' => '11'] + $right)->assertSessionHasErrors(['extension', 'vernier']);
        $this->setGauge(['unit' => 'in', 'thimble' => '25'] + $right)->assertSessionHasErrors('thimble');
        $this->setGauge(['extension' => '', 'vernier' => '11'] + $right);
        $page = $this->get('/practice/setting')->assertSee('value="11"', false);
        $page->assertSee('name="seed" value="9"', false)->assertSee('value="mm"', false);
        $this->get('/practice')->assertSee('1</span> of <span class="num">4</span> right', false);
        $this->actingAs($this->person(Role::Owner));
        $this->get('/practice')->assertSeeInOrder(['What the whole shop gets wrong', 'Setting a bore gauge', 'one line off']);
    }

    /** @param  array<string, mixed>  $said */
    private function setGauge(array $said): TestResponse
    {
        $form = $said + ['ulid' => $this->ulid(), 'seed' => '9', 'unit' => 'mm'];

        return $this->from('/practice/setting')->post('/practice/setting', $form);
    }

    public function test_a_question_of_method_is_answered_by_the_rules_of_now(): void
    {
        $question = MethodQuestion::of(QuestionKind::Dwell, 4, app(PolicyBook::class)->current(), Bench::sheet('tarn-4-198'));
        $this->get('/practice/method/dwell?seed=4')
            ->assertOk()
            ->assertSee("{$question->facts['celsius']} °C");
        $wrong = array_values(array_diff($question->choices, [$question->right]))[0];
        $this->followed($this->choose($question->right))->assertSee('✓ Right.');
        $this->followed($this->choose($wrong))->assertSee('✕ Wrong.');
        $this->choose('a week')->assertSessionHasErrors('choice');
        $this->get('/practice')->assertSee('1</span> of <span class="num">2</span> right', false)->assertDontSee('steps to look at');
        foreach (QuestionKind::cases() as $kind) {
            $page = (string) $this->get('/practice/method/'.str_replace(' ', '-', $kind->value))
                ->assertOk()
                ->content();
            $this->assertSame(1, preg_match('/practice-case">([^<]+)</', $page, $case));
            $this->assertDoesNotMatchRegularExpression('/practice\.| :[a-z]/', $case[1] ?? '', 'every case is a sentence with its facts');
        }
        $this->get('/practice/method/astrology')->assertNotFound();
    }

    public function test_one_sees_ones_own_standing_and_the_owner_everybodys(): void
    {
        $exercise = Exercise::of(ReadInstrument::InchVernierMicrometer, Spot::Vernier, 3);
        $reading = $exercise->reading()->nanometres;
        $answered = $this->answer('micrometer-inch-vernier', $exercise, (string) (($reading - ($reading % 25_400)) / 25_400_000));
        $address = (string) $answered->headers->get('Location');
        $this->get('/practice')->assertOk()->assertSee('✕')->assertDontSee('Who practised');
        $this->actingAs($this->person(Role::Owner));
        $this->get('/practice')->assertSee('Who practised')->assertSee('Machinist')->assertSee('vernier not read');
        $this->get($address)->assertOk()->assertDontSee('You typed');
    }

    private function choose(string $choice): TestResponse
    {
        return $this->from('/practice/method/dwell')->post('/practice/method/dwell', [
            'ulid' => $this->ulid(),
            'seed' => '4',
            'choice' => $choice,
        ]);
    }

    private function answer(string $slug, Exercise $exercise, string $typed, ?string $ulid = null): TestResponse
    {
        return $this->post("/practice/read/{$slug}", [
            'ulid' => $ulid ?? $this->ulid(),
            'spot' => $exercise->spot->value,
            'seed' => (string) $exercise->seed,
            'answer' => $typed,
        ]);
    }

    private function followed(TestResponse $answered): TestResponse
    {
        return $this->get((string) $answered->assertRedirect()->headers->get('Location'))->assertOk();
    }

    /** What somebody reads who knows nothing but where the lines stand. */
    private function readBack(ReadInstrument $instrument, Picture $picture): int
    {
        $marks = [];
        foreach ($picture->lines as $line) {
            [$scale, $number] = explode(' ', $line['mark']) + ['', ''];
            $marks[$scale][] = ['number' => (int) $number] + $line;
        }

        return match (true) {
            $instrument === ReadInstrument::FeelerStack => array_sum(array_column($marks['blade'], 'number')),
            $instrument->hasDial() => $this->readDial($instrument, $picture, $marks),
            $instrument->isCaliper() => $this->readBeam($instrument, $marks),
            default => $this->readBarrel($instrument, $marks),
        };
    }

    /** @param  array<string, list<array<string, mixed>>>  $marks */
    private function readBarrel(ReadInstrument $instrument, array $marks): int
    {
        $line = $instrument->barrelLine()->nanometres ?? 0;
        $numbers = array_column($marks['barrel'], 'number');
        $lines = $instrument->readsCoveredLines() ? min($numbers) - $line : max($numbers);
        $index = $marks['barrel'][0]['y1'];
        // The thimble’s division at the index, with its part: lines that have passed it count.
        $way = $instrument->readsCoveredLines() ? -1 : 1;
        $passed = array_filter($marks['thimble'], static fn (array $mark): bool => $way * ($mark['y1'] - $index) >= -0.01);
        usort($passed, static fn (array $one, array $other): int => abs($one['y1'] - $index) <=> abs($other['y1'] - $index));
        $division = $instrument->thimbleDivision()->nanometres ?? $instrument->resolution()->nanometres;
        $meets = isset($marks['vernier']) ? $this->meeting($marks['vernier'], $marks['thimble'], 'y1') % 10 : 0;

        return $lines + $passed[0]['number'] * $division + $meets * $instrument->resolution()->nanometres;
    }

    /** @param  array<string, list<array<string, mixed>>>  $marks */
    private function readBeam(ReadInstrument $instrument, array $marks): int
    {
        $zero = $marks['vernier'][0]['x1'];
        $before = array_filter($marks['barrel'], static fn (array $mark): bool => $mark['x1'] <= $zero + 0.01);

        return max(array_column($before, 'number')) +
            $this->meeting($marks['vernier'], $marks['barrel'], 'x1') * $instrument->resolution()->nanometres;
    }

    /**
     * @param  list<array<string, mixed>>  $ones
     * @param  list<array<string, mixed>>  $others
     * @return int The number of the line that meets one opposite
     */
    private function meeting(array $ones, array $others, string $axis): int
    {
        $distances = [];
        foreach ($ones as $one) {
            $distances[$one['number']] = min(array_map(static fn (array $other): float => abs($other[$axis] - $one[$axis]), $others));
        }
        asort($distances);

        return (int) array_key_first($distances);
    }

    /** @param  array<string, list<array<string, mixed>>>  $marks */
    private function readDial(ReadInstrument $instrument, Picture $picture, array $marks): int
    {
        $hand = $marks['hand'][0];
        $centre = $picture->width / 2;
        $degrees = rad2deg(atan2($hand['x2'] - $centre, $centre - $hand['y2']));
        $turn = $instrument->revolution()->nanometres ?? 0;
        $step = $instrument->resolution()->nanometres;
        if ($instrument->isAboutZero()) {
            return (int) round((-$degrees / 360) * ($turn / $step)) * $step;
        }

        return $marks['turns'][0]['number'] * $turn + (int) round((fmod($degrees + 360, 360) / 360) * ($turn / $step)) * $step;
    }
}
