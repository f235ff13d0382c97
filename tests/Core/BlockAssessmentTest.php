<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Quantity\Length;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class BlockAssessmentTest extends TestCase
{
    private const SOUND = [1.2, 0.7, 0.8, 0.5, 0.4, 0.3];

    private const WORN = [9.1, 5.0, 5.6, 3.4, 1.2, 0.9];

    public function test_an_empty_sheet_begins_with_the_worst_place(): void
    {
        $assessment = $this->assess(array_fill(1, 4, []), looks: new BoreLooks());

        $this->assertSame('bore.1.top.thrust', $assessment->next->place?->key);
        $this->assertSame(NextReason::WorstPlaceFirst, $assessment->next->reason);
        $this->assertSame(PartVerdict::NotYetKnown, $assessment->verdict);
        $this->assertFalse($assessment->hasReadings());
        $this->assertCount(4 * 12, array_unique(array_map(static fn ($place): string => $place->key, $assessment->walk)));
    }

    public function test_sound_bores_can_stay_once_everything_is_read(): void
    {
        $assessment = $this->assess(array_fill(1, 4, self::SOUND), pistonUnder: 1.8);

        $this->assertSame(PartVerdict::Serviceable, $assessment->verdict);
        $this->assertTrue($assessment->isSettled());
        $this->assertSame([CanStay::Yes, 0], [$assessment->canStay, $assessment->step->value?->nanometres]);
        $this->assertSame([], $assessment->missing());
    }

    public function test_one_missing_look_keeps_it_open_and_is_proposed(): void
    {
        $assessment = $this->assess(
            array_fill(1, 4, self::SOUND),
            pistonUnder: 1.8,
            looks: new BoreLooks(
                Bench::looksFine()->crack,
                Bench::looksFine()->ridgeAtTop,
                Bench::looksFine()->ridgeAtBottom,
                Bench::looksFine()->scoring,
            ),
        );

        $this->assertSame('pitting.1', $assessment->next->place?->key);
        $this->assertSame(NextReason::CompletesStaying, $assessment->next->reason);
        $this->assertCount(4, array_merge([], ...array_values($assessment->missing())));
    }

    public function test_worn_bores_are_settled_before_every_place_is_read(): void
    {
        $few = [6.2, 3.4, null, null, 0.8, null];
        $assessment = $this->assess(array_fill(1, 4, $few), looks: new BoreLooks());

        $this->assertTrue($assessment->isSettled());
        $this->assertSame(PartVerdict::Recondition, $assessment->verdict);
        $this->assertSame('bore 508000', $assessment->recommendation?->option->key());
        $this->assertSame(NextReason::NothingCanChange, $assessment->next->reason);
    }

    public function test_it_says_what_would_change_it(): void
    {
        $assessment = $this->assess(
            [1 => self::SOUND, 2 => self::SOUND, 3 => [4.1, 1.7, 2.2, 1.2, 0.8, 0.6], 4 => self::SOUND],
            pistonUnder: 1.8,
        );

        [$change] = $assessment->changes();
        $this->assertSame(
            [3, ['out_of_round' => 60_960], ['out_of_round' => 50_800], false],
            [
                $change->cylinder,
                array_map(static fn (Length $limit): int => $limit->nanometres, $change->limits),
                array_map(static fn (Length $limit): int => $limit->nanometres, $change->now),
                $change->withConcession,
            ],
        );
        $this->assertSame([3], array_unique(array_map(static fn (Finding $one): int => $one->about->number(), $assessment->failures())));
    }

    public function test_two_bores_of_different_steps_make_no_plan(): void
    {
        $thirtyOver = array_map(static fn (float $over): float => $over + 30, self::SOUND);
        $assessment = $this->assess([1 => self::SOUND, 2 => $thirtyOver, 3 => self::SOUND, 4 => self::SOUND], declaresStandard: false);

        $this->assertNull($assessment->plan);
        $this->assertTrue($assessment->step->boresDiffer);
    }

    public function test_readings_against_a_declared_step_are_a_finding(): void
    {
        $thirtyOver = array_map(static fn (float $over): float => $over + 30, self::SOUND);
        $assessment = $this->assess(array_fill(1, 4, $thirtyOver));

        $this->assertSame([1, 2, 3, 4], $assessment->step->against);
        $this->assertSame(762_000, $assessment->step->value?->nanometres);
    }

    public function test_the_same_inputs_give_the_same_verdict(): void
    {
        $this->assertEquals($this->assess(array_fill(1, 4, self::WORN)), $this->assess(array_fill(1, 4, self::WORN)));
    }

    /** The proposal, followed on engines of known wear, must end where reading everything ends. */
    public function test_the_proposed_order_is_never_wrong_and_saves_readings(): void
    {
        $chance = new Randomizer(new Mt19937(417));
        $read = $full = 0;
        for ($engine = 0; $engine < 60; $engine++) {
            $wear = $this->engineOfKnownWear($chance);
            $known = array_fill(1, 4, array_fill(0, 6, null));
            $assessment = $this->assess($known);
            while (
                $assessment->next->place !== null &&
                $assessment->next->place->station !== null &&
                $assessment->next->place->axis !== null
            ) {
                $place = $assessment->next->place;
                $index = array_search([$place->station, $place->axis], Bench::PLACES, true);
                $known[$place->number][(int) $index] = $wear[$place->number][(int) $index];
                $assessment = $this->assess($known, pistonUnder: 1.8);
                $read++;
            }
            $everything = $this->assess($wear, pistonUnder: 1.8);
            $this->assertSame($everything->canStay, $assessment->canStay, "engine {$engine}");
            $this->assertSame($everything->recommendation?->option->key(), $assessment->recommendation?->option->key(), "engine {$engine}");
            $this->assertSame(
                $everything->recommendation?->option->sleeved,
                $assessment->recommendation?->option->sleeved,
                "engine {$engine}",
            );
            $full += 24;
        }
        $this->assertLessThan(0.8 * $full, $read);
    }

    /** @return array<int, list<float>> Thou over standard; the top wears most, thrust more than in line */
    private function engineOfKnownWear(Randomizer $chance): array
    {
        $engine = $chance->getInt(10, 120) / 10;
        $wear = [];
        foreach ([1, 2, 3, 4] as $cylinder) {
            $top = ($engine * $chance->getInt(80, 120)) / 100;
            $wear[$cylinder] = array_map(static fn (float $share): float => round($top * $share, 1), [1.0, 0.58, 0.62, 0.38, 0.14, 0.1]);
        }

        return $wear;
    }

    /** @param  array<int, list<float|int|null>>  $bores */
    private function assess(
        array $bores,
        ?float $pistonUnder = null,
        ?BoreLooks $looks = null,
        bool $declaresStandard = true,
    ): BlockAssessment {
        $sheet = Bench::sheet('tarn-4-198');

        return BlockAssessment::of(
            $sheet,
            Bench::policy(),
            array_map(
                static fn (int $cylinder): BoreInspection => Bench::bore($sheet, $cylinder, $bores[$cylinder], $pistonUnder, $looks),
                array_keys($bores),
            ),
            $declaresStandard ? Length::zero() : null,
        );
    }
}
