<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Planning\SleeveFit;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Honing\StintAdvice;
use NorthLedger\Core\Work\Logs\BoreLook;
use NorthLedger\Core\Work\Logs\ClockState;
use NorthLedger\Core\Work\Logs\DeckSeats;
use NorthLedger\Core\Work\Logs\FaceLog;
use NorthLedger\Core\Work\Logs\HoneLog;
use NorthLedger\Core\Work\Logs\HoneTool;
use NorthLedger\Core\Work\Logs\LoggedStint;
use NorthLedger\Core\Work\Logs\SeatTouch;
use NorthLedger\Core\Work\Logs\SixSizes;
use NorthLedger\Core\Work\Logs\SleeveCard;
use NorthLedger\Core\Work\Logs\StrokeGap;
use NorthLedger\Core\Work\Logs\WorkClock;
use NorthLedger\Core\Work\OverTravel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is logged at machines, and the figures that follow from it (WORK-2, SLV, HONE-3, DECK-3). */
final class MachineLogsTest extends TestCase
{
    private const UM = 1_000;

    /** Stones leave the bore by a third of their length, or by what room there is, and not further (HONE-4). */
    public function test_the_longest_stroke_is_the_one_that_leaves_the_bore_by_the_most_and_no_more(): void
    {
        $mm = static fn (float $millimetres): Length => Length::ofNanometres((int) round($millimetres * 1_000_000));
        $cases = [[225.0, 75.0, null], [225.0, 75.0, 12.0], [225.0, 75.0, 40.0], [138.0, 60.0, 0.0], [90.0, 45.0, 15.0]];
        foreach ($cases as [$bore, $stones, $room]) {
            $of = static fn (Length $stroke): OverTravel => OverTravel::of(
                $mm($bore),
                $mm($stones),
                $stroke,
                $room === null ? null : $mm($room),
            );
            $longest = $of($mm(1))->longestStroke();
            $this->assertSame($mm(min($stones / 3, $room ?? INF))->nanometres, $of($longest)->leaves->nanometres, 'equal is allowed');
            $this->assertFalse($of($longest)->isTooFar());
            $this->assertTrue($of($longest->plus(Length::ofNanometres(2)))->isTooFar());
            $this->assertTrue($of($mm($bore - $stones))->reachesTheEnds());
            $this->assertFalse($of($mm($bore - $stones - 1))->reachesTheEnds(), 'the ends are left as they were');
        }
        $this->assertFalse(OverTravel::of($mm(20), $mm(90), $mm(1), $mm(5))->longestStroke()->isPositive(), 'no stroke helps such stones');
        $this->expectException(PlanningException::class);
        OverTravel::of($mm(90), $mm(45), $mm(60), $mm(-1));
    }

    public function test_a_set_of_abrasives_answers_for_itself_alone(): void
    {
        $log = new HoneLog([
            self::stint('hone.1', '1', 30),
            self::stint('hone.2', '1', 20, isFinished: false),
            self::stint('hone.2', '1', 15),
            self::stint('hone.3', '2', 60),
        ]);

        $this->assertSame('2', $log->set(), 'the set that was used last is in the hone');
        $this->assertSame(60, $log->deglazeSeconds(), 'one bore was finished with it: its time');
        $first = new HoneLog([
            self::stint('hone.1', '1', 30),
            self::stint('hone.2', '1', 20, isFinished: false),
            self::stint('hone.2', '1', 15),
        ]);
        $this->assertSame(40, $first->deglazeSeconds(), '30, then 20 and 15 together, then 40 on the line');
        $this->assertSame(20, (new HoneLog([]))->deglazeSeconds(), 'the first time of the shop');
    }

    public function test_a_warm_reading_is_no_size_and_stops_no_stint(): void
    {
        $cold = self::sizes(100_000);
        $grown = self::sizes(100_012);
        $log = new HoneLog([
            self::stint('hone.1', '1', 30, self::sizes(99_988), $cold),
            self::stint('hone.1', '1', 30, $cold, $grown, isWarm: true),
        ]);
        $now = $log->lastRead('hone.1');
        $this->assertEquals($cold, $now);
        $next = $log->nextStint(Length::ofNanometres(100_015 * self::UM), $cold->smallest(), Length::ofNanometres(self::UM));
        $this->assertSame([StintAdvice::Stint, 30], [$next->advice, $next->seconds], 'four fifths of 15 µm at 0.4 µm a second');
        $this->assertNull($log->lastRead('hone.2'));
    }

    public function test_the_hone_dwells_where_it_is_tightest_and_nowhere_where_it_is_even(): void
    {
        $resolution = Length::ofNanometres(self::UM);
        $even = SixSizes::of(array_map(self::um(...), [100_001, 100_000, 100_001, 100_000, 100_001, 100_000]));
        $this->assertNull($even->dwellAt($resolution), 'no more apart than the gauge can tell');
        $waist = SixSizes::of(array_map(self::um(...), [100_010, 100_010, 100_002, 100_003, 100_008, 100_009]));
        $this->assertSame('middle_thrust', $waist->dwellAt($resolution));
        $this->assertSame(
            [9, 10, 1, 3, 7, 9],
            array_map(static fn (Length $one): int => intdiv($one->nanometres, self::UM), array_values($waist->removedSince($even))),
        );
        $this->expectException(PlanningException::class);
        SixSizes::of([self::um(100_000)]);
    }

    public function test_a_face_counts_what_is_left_of_cut_and_height(): void
    {
        $log = new FaceLog([self::um(20), self::um(25)], self::um(110), self::um(50), self::um(345_250), self::um(344_850));
        $this->assertEquals(
            [self::um(45), self::um(65), 2, self::um(345_205), self::um(355)],
            [$log->taken(), $log->left(), $log->lightCutsLeft(), $log->heightNow(), $log->reserve()],
        );
        $this->assertFalse($log->goesTooDeep(self::um(355)), 'equal is allowed');
        $this->assertTrue($log->goesTooDeep(self::um(356)));

        $past = new FaceLog([self::um(120)], self::um(110), self::um(50), null, null);
        $this->assertEquals([Length::zero(), 0, null], [$past->left(), $past->lightCutsLeft(), $past->reserve()]);
        $this->assertFalse($past->goesTooDeep(self::um(9_000)), 'what nobody knows refuses nothing');
        $this->assertNull((new FaceLog([], null, self::um(50), null, null))->left());
    }

    /** @return iterable<string, array{list<int>, bool}> Parent sizes in µm, and whether the sleeve may go in */
    public static function parents(): iterable
    {
        yield 'fits everywhere' => [[108_003, 108_002, 108_004, 108_003], true];
        yield 'at both ends of the range' => [[107_990, 108_040, 108_000, 108_000], true];
        yield 'too loose at one place' => [[108_003, 108_002, 108_004, 108_043], false];
        yield 'too tight at one place' => [[107_989, 108_002, 108_004, 108_003], false];
        yield 'not read everywhere' => [[108_003, 108_002, 108_004], false];
        yield 'not read' => [[], false];
    }

    /** @param  list<int>  $parent */
    #[DataProvider('parents')]
    public function test_a_sleeve_goes_in_where_it_fits_at_every_place(array $parent, bool $mayBeFitted): void
    {
        $this->assertSame($mayBeFitted, self::card($parent)->mayBeFitted());
    }

    public function test_a_sleeve_cools_for_an_hour_and_is_short_only_where_both_lengths_are_known(): void
    {
        $at = new DateTimeImmutable('2026-11-30 23:30:00');
        $card = self::card([108_003, 108_002, 108_004, 108_003], $at);
        $this->assertEquals(self::um(107_603)->nanometres, $card->rough()->nanometres + 300, 'to the tenth of a micrometre: 107.6027');
        $this->assertTrue($card->isCoolingAt(new DateTimeImmutable('2026-12-01 00:29:59')), 'over midnight');
        $this->assertFalse($card->isCoolingAt(new DateTimeImmutable('2026-12-01 00:30:00')));
        $this->assertNull(self::card([])->coolAt());
        $this->assertFalse($card->isShort());
        $this->assertTrue(self::card([], null, 219_999)->isShort());
        $this->assertFalse(self::card([], null, 220_000)->isShort(), 'equal is full depth');
    }

    public function test_a_gap_says_what_to_grind_and_what_wall_is_left(): void
    {
        $gap = StrokeGap::of('rail at cylinder 2', self::um(508), self::um(1_524), self::um(7_874));
        $this->assertEquals([self::um(1_016), self::um(6_858), false], [$gap->grind(), $gap->wallLeft(), $gap->goesThrough()]);
        $this->assertEquals(Length::zero(), StrokeGap::of('web', self::um(1_524), self::um(1_524), null)->grind(), 'equal is enough');
        $this->assertTrue(StrokeGap::of('pan', Length::zero(), self::um(1_000), self::um(1_000))->goesThrough());
        $this->assertNull(StrokeGap::of('pan', Length::zero(), self::um(1_000), null)->wallLeft());
        $this->expectException(PlanningException::class);
        StrokeGap::of('pan', self::um(-1), self::um(1_000), null);
    }

    public function test_the_clock_counts_what_ran_and_nothing_twice(): void
    {
        $at = static fn (string $time): DateTimeImmutable => new DateTimeImmutable("2026-11-30 {$time}");
        $clock = WorkClock::of([
            [ClockState::Begun, $at('08:00:00')],
            [ClockState::Begun, $at('08:10:00')],
            [ClockState::Paused, $at('08:20:00')],
            [ClockState::Ended, $at('08:50:00')],
            [ClockState::Begun, $at('09:00:00')],
        ]);
        $this->assertTrue($clock->isRunning());
        $this->assertSame(20, $clock->minutesAt($at('09:00:00')));
        $this->assertSame(26, $clock->minutesAt($at('09:05:01')), 'a minute that was begun counts');
        $this->assertSame(0, $clock->minutesTaken(), 'what runs has not taken its time yet');
        $this->assertEquals([$at('08:00:00'), $at('09:00:00')], [$clock->firstAt, $clock->lastAt]);
        $ended = WorkClock::of([[ClockState::Begun, $at('08:00:00')], [ClockState::Ended, $at('08:20:01')]]);
        $this->assertSame([21, 1201], [$ended->minutesTaken(), $ended->secondsBefore()]);
        $never = WorkClock::of([]);
        $this->assertSame([0, null, null], [$never->minutesTaken(), $never->firstAt, $never->lastAt]);
        $this->assertSame(0, $never->minutesAt($at('09:00:00')));
        $this->assertFalse(WorkClock::of([[ClockState::Ended, $at('08:00:00')]])->isRunning());
    }

    /** @param  list<int>  $parent  In µm */
    private static function card(array $parent, ?DateTimeImmutable $fittedAt = null, int $length = 221_000): SleeveCard
    {
        $outside = array_map(self::um(...), [108_083, 108_077, 108_085, 108_075]);

        return new SleeveCard(
            SleeveFit::of($outside, self::um(40), self::um(90), null, null),
            self::um(400),
            self::um(220_000),
            self::um($length),
            1,
            array_map(self::um(...), $parent),
            $fittedAt,
        );
    }

    private static function stint(
        string $operation,
        string $set,
        float $seconds,
        ?SixSizes $before = null,
        ?SixSizes $after = null,
        bool $isFinished = true,
        bool $isWarm = false,
    ): LoggedStint {
        return new LoggedStint(
            $operation,
            $set,
            HoneTool::RigidStones,
            $seconds,
            $before,
            $after,
            null,
            null,
            null,
            BoreLook::Even,
            $isFinished,
            $isWarm,
        );
    }

    private static function sizes(int $micrometres): SixSizes
    {
        return SixSizes::of(array_fill(0, 6, self::um($micrometres)));
    }

    private static function um(int $micrometres): Length
    {
        return Length::ofNanometres($micrometres * self::UM);
    }

    public function test_seats_of_a_deck_are_those_of_its_valves_and_no_pass_takes_back_another(): void
    {
        $seats = static fn (string $family, array ...$passes): array => DeckSeats::of(Bench::sheet($family), 1, array_values($passes))
            ->touched;
        $this->assertSame([], $seats('tarn-4-198'), 'its valves hang in the head');
        $this->assertCount(8, $seats('cairn-l4-144'));
        $this->assertSame([SeatTouch::Untouched], array_values(array_unique($seats('cairn-l4-144'), SORT_REGULAR)));

        $after = DeckSeats::of(Bench::sheet('cairn-l4-144'), 1, [
            ['exhaust.1' => SeatTouch::Cut, 'intake.2' => SeatTouch::Kissed],
            ['exhaust.1' => SeatTouch::Kissed, 'exhaust.9' => SeatTouch::Cut],
        ]);
        $this->assertSame(['exhaust.1'], $after->that(SeatTouch::Cut));
        $this->assertSame(['intake.2'], $after->that(SeatTouch::Kissed));
        $this->assertCount(6, $after->that(SeatTouch::Untouched));
    }
}
