<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

/** Story 4: what is sleeved, and the trace that the size hangs on. */
final class TwoBadOnesOfFourTest extends StoryTestCase
{
    private const SHARES = [
        'top.thrust' => 1.0,
        'top.inline' => 0.5,
        'middle.thrust' => 0.6,
        'middle.inline' => 0.35,
        'bottom.thrust' => 0.15,
        'bottom.inline' => 0.1,
    ];

    public function test_a_tarn_with_two_bad_ones_asks_for_the_trace_of_one(): void
    {
        $tag = $this->measured('t', 'T4', [34, 52, 12, 11], '');
        $margin = $this->text($this->window, '.margin');
        $this->assertStringContainsString('Can it stay? no, settled', str_replace('?no', '? no', $margin));
        $this->assertStringContainsString('Trace the wall of cylinder 1', $margin);
        $this->assertStringNotContainsString('No further reading', $margin);

        $this->open($tag, 'plan');
        $this->assertStringContainsString('Bore to +.020', $this->text($this->window, '.margin .stamp'));
        $this->assertStringContainsString('sleeve 1 and 2', $this->text($this->window, '.margin .stamp'));
        $this->assertStringContainsString('Trace cylinder 1: 190 and one sleeve hang on it.', $this->text($this->window, '.margin'));
        $this->assertAccessible($this->window, 'a plan that hangs on a trace');
    }

    public function test_a_fell_with_two_bad_ones_hangs_on_no_trace(): void
    {
        $tag = $this->measured('f', 'F6', [560, 820, 150, 160, 140, 150], ' um');
        $this->assertStringNotContainsString('Trace', $this->text($this->window, '.margin'));
        $this->open($tag, 'plan');
        $this->assertStringContainsString('Bore to +0.25', $this->text($this->window, '.margin .stamp'));
        $this->assertStringContainsString('sleeve 1 and 2', $this->text($this->window, '.margin .stamp'));
        $this->assertStringNotContainsString('Trace', $this->text($this->window, '.margin'));
    }

    public function test_three_thou_of_wear_past_the_limit_are_bored_and_not_sleeved(): void
    {
        $tag = $this->measured('t', 'T4', [0.9, 1.0, 6.6, 0.8], '');
        $this->open($tag, 'plan');
        $this->assertStringContainsString('Bore to +.020', $this->text($this->window, '.margin .stamp'));
        $this->assertStringContainsString('no sleeves', $this->text($this->window, '.margin .stamp'));
    }

    /**
     * Keys what is proposed, as long as a bore's place is.
     *
     * @param  list<float|int>  $top  What each cylinder reads at top, thrust
     */
    private function measured(string $letter, string $serial, array $top, string $unit): string
    {
        $tag = $this->receive($this->window, $letter, "{$serial}-".random_int(10_000, 99_999));
        $this->stateGauge($this->window);
        for ($read = 0; $read < 6 * count($top); $read++) {
            [$feature, $cylinder, $where] = [...explode('.', $this->place($this->window), 3), ''];
            if ($feature !== 'bore' || ! isset(self::SHARES[$where]) || $this->isSettled()) {
                break;
            }
            $this->key(round($top[(int) $cylinder - 1] * self::SHARES[$where], $unit === '' ? 1 : 0).$unit, "bore.{$cylinder}.{$where}");
            $this->open($tag, 'measure');
        }

        return $tag;
    }

    private function isSettled(): bool
    {
        $next = $this->text($this->window, '.margin');

        return str_contains($next, 'No further reading') || str_contains($next, 'Trace the wall');
    }
}
