<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Quantity\Length;
use PHPUnit\Framework\TestCase;

/** Where a size hangs on a wall that nobody has traced, and where no trace can change it (BORE-11a, BORE-11b). */
final class TraceStoryTest extends TestCase
{
    private const THOU_PER_MILLIMETRE = 1_000 / 25.4;

    public function test_two_bad_ones_of_four_are_sleeved_and_a_trace_of_one_is_asked_for(): void
    {
        $assessment = $this->assessed('tarn-4-198', [34, 52, 12, 11]);
        $recommended = $assessment->recommendation?->option;
        $this->assertSame(['bore 508000', [1, 2], []], [$recommended?->key(), $recommended?->sleeved, $recommended?->needsTrace]);

        $stake = $assessment->recommendation?->stake;
        $this->assertNotNull($stake);
        $this->assertSame([[1], 1, 19_000], [$stake->cylinders, $stake->sleeves, $stake->costs->minor]);
        $this->assertSame([NextReason::TraceDecides, [1]], [$assessment->next->reason, $assessment->next->traces]);
        $this->assertTrue($assessment->knowsWhetherItStays(), 'that it cannot stay is settled');
        $this->assertFalse($assessment->isSettled(), 'which size is not');
        $this->assertSame(CanStay::No, $assessment->canStay);
    }

    public function test_a_six_with_two_bad_ones_is_settled_without_a_trace(): void
    {
        $assessment = $this->assessed(
            'fell-6-d',
            array_map(static fn (float $millimetres): float => $millimetres * self::THOU_PER_MILLIMETRE, [
                0.56,
                0.82,
                0.15,
                0.16,
                0.14,
                0.15,
            ]),
        );
        $recommended = $assessment->recommendation?->option;
        $this->assertSame(['bore 250000', [1, 2]], [$recommended?->key(), $recommended?->sleeved]);
        $this->assertNull($assessment->recommendation?->stake);
        $this->assertSame([], $assessment->next->traces);
    }

    public function test_one_that_is_a_little_worn_is_bored_with_the_others_and_not_sleeved(): void
    {
        $assessment = $this->assessed('tarn-4-198', [0.9, 1.0, 6.6, 0.8]);
        $recommended = $assessment->recommendation?->option;
        $this->assertSame(['bore 508000', [], []], [$recommended?->key(), $recommended?->sleeved, $recommended?->newPistons]);
    }

    /** @param  list<float|int>  $top  Thou at top, thrust, by cylinder; the rest of a bore wears as bores do */
    private function assessed(string $family, array $top): BlockAssessment
    {
        $sheet = Bench::sheet($family);
        $bores = [];
        foreach ($top as $index => $thou) {
            $bores[] = Bench::bore(
                $sheet,
                $index + 1,
                array_map(static fn (float $share): float => round($thou * $share, 1), [1.0, 0.5, 0.6, 0.35, 0.15, 0.1]),
                1.8,
            );
        }

        return BlockAssessment::of($sheet, Bench::policy(), $bores, Length::zero());
    }
}
