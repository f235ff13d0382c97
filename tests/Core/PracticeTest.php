<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\GaugeSetting;
use NorthLedger\Core\Practice\Level;
use NorthLedger\Core\Practice\MethodQuestion;
use NorthLedger\Core\Practice\NextPlace;
use NorthLedger\Core\Practice\QuestionKind;
use NorthLedger\Core\Practice\ReadingStep;
use NorthLedger\Core\Practice\ReadingVerdict;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Practice\Repetition;
use NorthLedger\Core\Practice\Rocking;
use NorthLedger\Core\Practice\Spot;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The practice bench: what is shown, what it comes to, and what is practised next (PRAC-1). */
final class PracticeTest extends TestCase
{
    private const SEEDS = 120;

    #[DataProvider('exercises')]
    public function test_the_steps_come_to_what_is_shown_and_known_mistakes_have_their_names(ReadInstrument $instrument, Spot $spot): void
    {
        for ($seed = 0; $seed < self::SEEDS; $seed++) {
            $exercise = Exercise::of($instrument, $spot, $seed);
            $reading = $exercise->reading();
            $sum = array_reduce(
                ReadingStep::all($exercise),
                static fn (Length $all, ReadingStep $step): Length => $all->plus($step->amount),
                Length::zero(),
            );
            $this->assertSame($reading->nanometres, $sum->nanometres, "seed {$seed}");
            $this->assertSame(0, $reading->nanometres % $instrument->resolution()->nanometres, 'it shows whole steps');
            $this->assertSame(ReadingVerdict::Right, $exercise->verdictOn($reading));
            if ($instrument->barrelLine() !== null) {
                $this->assertSame(ReadingVerdict::OneBarrelLine, $exercise->verdictOn($reading->plus($instrument->barrelLine())));
            }
            if ($instrument->revolution() !== null) {
                $this->assertSame(ReadingVerdict::OneRevolution, $exercise->verdictOn($reading->minus($instrument->revolution())));
            }
            $this->assertEquals($exercise, Exercise::of($instrument, $spot, $seed), 'the same for everybody');
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

    public function test_a_spot_is_what_it_is_called(): void
    {
        for ($seed = 0; $seed < self::SEEDS; $seed++) {
            $shown = static fn (ReadInstrument $instrument, Spot $spot): int => Exercise::of($instrument, $spot, $seed)->shown->nanometres;
            $this->assertLessThanOrEqual(3 * 25_400, $shown(ReadInstrument::InchMicrometer, Spot::JustPast) % 635_000);
            $this->assertGreaterThanOrEqual(22 * 25_400, $shown(ReadInstrument::InchMicrometer, Spot::JustBefore) % 635_000);
            $this->assertSame(3, intdiv($shown(ReadInstrument::InchMicrometer, Spot::HalfLine), 635_000) % 4, 'three lines after a tenth');
            $this->assertSame(1, intdiv($shown(ReadInstrument::MetricMicrometer, Spot::HalfLine), 500_000) % 2, 'the half millimetre');
            $this->assertContains(($shown(ReadInstrument::InchVernierMicrometer, Spot::Vernier) % 25_400) / 2_540, [3, 4, 5, 6, 7]);
            $this->assertGreaterThan(0, $shown(ReadInstrument::DialBoreGauge, Spot::Larger));
            $this->assertLessThan(0, $shown(ReadInstrument::DialBoreGauge, Spot::Smaller));
            $this->assertGreaterThan(2_540_000, $shown(ReadInstrument::DialIndicator, Spot::JustPast), 'it has gone round at least once');
        }
    }

    public function test_a_rocked_gauge_shows_its_reading_at_the_turning_point_alone(): void
    {
        for ($seed = 0; $seed < self::SEEDS; $seed++) {
            $rocking = Rocking::of($seed);
            $shown = array_map(static fn (Length $length): int => $length->nanometres, $rocking->all());
            $least = array_keys($shown, min($shown), true);
            $this->assertCount(1, $least);
            $this->assertSame($rocking->reading->nanometres, $shown[$least[0]]);
            $this->assertLessThan(Rocking::MOST_TILT, abs($least[0]), 'it turns within its tilt');
            $this->assertGreaterThan(12_700, $shown[-Rocking::MOST_TILT] - min($shown), 'a whole division and more at the ends');
            $this->assertSame(ReadingVerdict::Right, $rocking->verdictOn($rocking->reading));
            $this->assertSame(ReadingVerdict::Wrong, $rocking->verdictOn($rocking->at(-Rocking::MOST_TILT)));
        }
    }

    public function test_what_went_wrong_comes_back_soon_and_what_went_right_later_each_time(): void
    {
        $spots = [Spot::Plain, Spot::JustPast, Spot::JustBefore];
        $answers = [];
        $order = [];
        for ($number = 0; $number < 24; $number++) {
            $next = (new Repetition($answers))->next($spots);
            $order[] = $next;
            $answers[] = ['spot' => $next->value, 'right' => $next !== Spot::JustBefore];
        }
        $this->assertSame($spots, array_slice($order, 0, 3), 'what was never tried comes first');
        $times = array_count_values(array_column($order, 'value'));
        $this->assertGreaterThan($times['plain'] + $times['just past'], 2 * $times['just before'], 'the difficult one most');
        $this->assertGreaterThanOrEqual(3, min($times));
    }

    public function test_help_is_left_out_after_five_right_in_a_row_and_the_clock_runs_after_fifteen(): void
    {
        $right = array_fill(0, 20, ['spot' => 'plain', 'right' => true]);
        $level = static fn (int $count, bool $thenWrong = false): Level => (new Repetition([
            ...array_slice($right, 0, $count),
            ...$thenWrong ? [['spot' => 'plain', 'right' => false]] : [],
        ]))->level();
        $this->assertSame([Level::Guided, Level::Alone, Level::Timed], [$level(4), $level(5), $level(15)]);
        $this->assertSame(Level::Guided, $level(20, true), 'a mistake brings the help back');
    }

    public function test_the_answer_to_a_question_of_method_is_what_the_rules_say(): void
    {
        $families = ['tarn-4-198', 'quern-3-16', 'fell-6-d'];
        $seen = [];
        foreach (QuestionKind::cases() as $kind) {
            for ($seed = 0; $seed < 200; $seed++) {
                $question = MethodQuestion::of($kind, $seed, Bench::policy(), Bench::sheet($families[$seed % count($families)]));
                $this->assertContains($question->right, $question->choices);
                $seen[$kind->value][$question->right] = true;
                if ($kind === QuestionKind::Dwell) {
                    $celsius = (int) $question->facts['celsius'];
                    $minutes = Bench::policy()->crackDwell->minutes();
                    $expected = match (true) {
                        $celsius < 5, $celsius > 50 => 'not',
                        $celsius <= 10 => (string) (2 * $minutes),
                        default => (string) $minutes,
                    };
                    $this->assertSame($expected, $question->right, "{$celsius} °C");
                }
            }
        }
        $this->assertCount(3, $seen['dwell']);
        $this->assertCount(2, $seen['wash']);
        $this->assertGreaterThanOrEqual(3, count($seen['timing']));
        $this->assertCount(3, $seen['clean up']);
        $this->assertArrayHasKey(NextPlace::SETTLED, $seen['next place'], 'some are settled');
        $this->assertGreaterThan(5, count($seen['next place']));
        $question = MethodQuestion::of(QuestionKind::CutterSize, 8, Bench::policy(), Bench::sheet('tarn-4-198'));
        $inches = static fn (string $fact): int => (int) round(10_000 * (float) $question->facts[$fact]);
        $this->assertSame($inches('piston') + $inches('clearance') - $inches('stock'), (int) round(10_000 * (float) $question->right));
    }

    public function test_a_bore_gauge_has_one_extension_and_washer_that_reach_and_its_micrometer_is_set_line_by_line(): void
    {
        foreach (LengthUnit::cases() as $unit) {
            for ($seed = 0; $seed < 200; $seed++) {
                $setting = GaugeSetting::of($unit, $seed);
                $reaching = [];
                foreach ($setting->extensions as $extension) {
                    foreach ($setting->washers as $washer) {
                        $reaching = [...$reaching, ...$setting->reaches($extension, $washer) ? [[$extension, $washer]] : []];
                    }
                }
                $this->assertEquals([[$setting->extension, $setting->washer]], $reaching, "seed {$seed}");
                $lines = $setting->lines();
                $stands = $setting->standsAt(...$lines);
                $this->assertEquals($setting->wanted, $stands);
                $this->assertSame(ReadingVerdict::Right, $setting->verdictOn($stands, $setting->extension, $setting->washer));
                $other = $setting->standsAt(...['sleeve' => $lines['sleeve'] + 1] + $lines);
                $this->assertSame(ReadingVerdict::OneBarrelLine, $setting->verdictOn($other, $setting->extension, $setting->washer));
                $short = $setting->extension->minus($setting->extensions[1]->minus($setting->extensions[0]));
                $this->assertSame(ReadingVerdict::Wrong, $setting->verdictOn($stands, $short, $setting->washer), 'it hangs in the air');
            }
        }
    }

    public function test_the_next_place_of_a_case_is_unread_and_so_are_all_that_can_be_chosen(): void
    {
        for ($seed = 0; $seed < 100; $seed++) {
            $question = MethodQuestion::of(QuestionKind::NextPlace, $seed, Bench::policy(), Bench::sheet('brae-v8-311'));
            $this->assertSame([], array_intersect(array_keys($question->read), $question->choices));
            $this->assertGreaterThan(1, count($question->choices));
            $this->assertSame($question->choices, array_unique($question->choices));
        }
    }
}
