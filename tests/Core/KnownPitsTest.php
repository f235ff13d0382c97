<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\KnownPits;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\WallSurvey;
use PHPUnit\Framework\TestCase;

/** What can be done about pits that are felt and do not catch, and how deep they go (BORE-6, BORE-7, VER-5). */
final class KnownPitsTest extends TestCase
{
    private const SOUND = [1.2, 0.7, 0.8, 0.5, 0.4, 0.3];

    private const OVAL = [4.1, 1.2, 1.4, 1.0, 0.8, 0.6];

    public function test_felt_pits_open_a_way_that_is_not_among_the_shops_own(): void
    {
        $block = $this->block([2 => PittingClass::Felt, 3 => PittingClass::Felt]);

        $this->assertSame(CanStay::No, $block->canStay);
        $this->assertSame([2, 3], $block->plan?->options[0]->sleeved);
        $this->assertSame([2, 3], $block->knownPits?->cylinders());
        $this->assertSame([OptionKind::Stay, []], [$block->knownPits->option->kind, $block->knownPits->option->sleeved]);
        $this->assertNotSame(OptionKind::Stay, $block->recommendation?->option->kind, 'nobody here takes it by himself');
        $this->assertSame($block->knownPits->option, $block->way(KnownPits::CODE));
        $this->assertNull($block->plan->option(KnownPits::CODE));
    }

    public function test_pits_that_catch_and_a_bore_that_fails_otherwise_are_nobodys_to_accept(): void
    {
        $this->assertNull($this->block([2 => PittingClass::CatchesNail])->knownPits);
        $this->assertNull($this->block([2 => PittingClass::Felt], over: [2 => self::OVAL])->knownPits);
        $this->assertNull($this->block([2 => PittingClass::Visible])->knownPits);

        $mixed = $this->block([2 => PittingClass::Felt, 3 => PittingClass::CatchesNail])->knownPits;
        $this->assertSame([[2], [3]], [$mixed?->cylinders(), $mixed?->option->sleeved], 'the other one is sleeved whatever is accepted');
    }

    public function test_a_hone_may_take_what_the_clearance_leaves(): void
    {
        $limit = Bench::sheet('tarn-4-198')->bore->service->clearance;
        $this->assertNotNull($limit);
        // 1.2 thou over with a piston 1.8 under: 3.0 thou of clearance.
        $left = $limit->nanometres - 3 * 25_400;
        foreach ([[null, null], [intdiv($left, 2), true], [intdiv($left, 2) + 1, false]] as [$depth, $canBeHonedOut]) {
            $bore = $this->block([2 => PittingClass::Felt], $depth)->knownPits?->bores[0];
            $this->assertSame($left, $bore?->mostHone?->nanometres);
            $this->assertSame($depth === null ? null : 2 * $depth, $bore->toHoneOut()?->nanometres);
            $this->assertSame($canBeHonedOut, $bore->canBeHonedOut());
        }
    }

    public function test_a_depth_that_can_change_the_size_is_asked_and_one_that_cannot_is_not(): void
    {
        $worn = [12.0, 8.0, 7.4, 5.0, 2.2, 1.9];
        $open = $this->block([2 => PittingClass::CatchesNail], over: [2 => $worn]);
        $this->assertSame([NextReason::DepthOfPits, 'pit.2'], [$open->next->reason, $open->next->place?->key]);
        $this->assertFalse($open->isSettled());

        $this->assertTrue($this->block([2 => PittingClass::CatchesNail], 0, [2 => $worn])->isSettled(), 'measured: nothing');
        $deep = $this->block([2 => PittingClass::CatchesNail], 4 * 25_400, [2 => $worn]);
        $this->assertTrue($deep->isSettled());
        $this->assertNotSame($open->recommendation?->option->key(), $deep->recommendation?->option->key());
        $this->assertTrue($this->block([2 => PittingClass::Felt])->isSettled(), 'a sound bore has metal enough for any pit');
    }

    /**
     * @param  array<int, PittingClass>  $pits  By cylinder
     * @param  ?int  $depth  Of all of them, in nanometres
     * @param  array<int, list<float>>  $over  Thou over standard, where it is not sound
     */
    private function block(array $pits, ?int $depth = null, array $over = []): BlockAssessment
    {
        $sheet = Bench::sheet('tarn-4-198');
        $fine = Bench::looksFine();
        $bores = [];
        foreach ([1, 2, 3, 4] as $cylinder) {
            $looks = new BoreLooks(
                $fine->crack,
                $fine->ridgeAtTop,
                $fine->ridgeAtBottom,
                $fine->scoring,
                $pits[$cylinder] ?? $fine->pitting,
            );
            $bore = Bench::bore($sheet, $cylinder, $over[$cylinder] ?? self::SOUND, 1.8, $looks);
            $wall = new WallSurvey([], [], isset($pits[$cylinder]) && $depth !== null ? Length::ofNanometres($depth) : null);
            $bores[] = BoreInspection::of($cylinder, array_values($bore->readings), $bore->piston, $looks, $wall);
        }

        return BlockAssessment::of($sheet, Bench::policy(), $bores, Length::zero());
    }
}
