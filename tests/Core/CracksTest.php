<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckProcedure;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\Classification;
use NorthLedger\Core\Features\Cracks\CrackCheckRefused;
use NorthLedger\Core\Features\Cracks\CrackLocation;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\CrackState;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\DispositionTable;
use NorthLedger\Core\Features\Cracks\Dwell;
use NorthLedger\Core\Features\Cracks\ImpossibleLocation;
use NorthLedger\Core\Features\Cracks\ImpossibleReading;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\LookReading;
use NorthLedger\Core\Features\Cracks\NoDisposition;
use NorthLedger\Core\Features\Cracks\PressureReading;
use NorthLedger\Core\Features\Cracks\PressureState;
use NorthLedger\Core\Features\Cracks\StepKind;
use NorthLedger\Core\Features\Cracks\Surface;
use NorthLedger\Core\Features\Cracks\TimingMark;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CracksTest extends TestCase
{
    /** @return iterable<string, array{float, DwellSchool, ?int}> */
    public static function dwells(): iterable
    {
        yield 'too cold' => [4.99, DwellSchool::Short, null];
        yield 'the coldest' => [5.0, DwellSchool::Short, 20];
        yield 'still slow' => [10.0, DwellSchool::Long, 60];
        yield 'just warm enough' => [10.01, DwellSchool::Long, 30];
        yield 'the hottest' => [50.0, DwellSchool::Short, 10];
        yield 'too hot' => [50.01, DwellSchool::Short, null];
    }

    #[DataProvider('dwells')]
    public function test_the_dwell_follows_the_temperature_and_the_school(float $celsius, DwellSchool $school, ?int $minutes): void
    {
        if ($minutes === null) {
            $this->expectException(CrackCheckRefused::class);
        }
        $this->assertSame($minutes, Dwell::at($celsius, $school)->penetrantMinutes);
    }

    /** @return iterable<string, array{list<Look>, Classification}> */
    public static function readings(): iterable
    {
        yield 'diffuse is no first sharp reading' => [[Look::Diffuse, Look::SharpLine], Classification::Suspect];
        yield 'diffuse between two sharp ones settles nothing' => [[Look::SharpLine, Look::Diffuse], Classification::CleanAndRepeat];
        yield 'and the sharp one after it does' => [[Look::SharpLine, Look::Diffuse, Look::DotsInALine], Classification::Crack];
        yield 'a crack stays a crack' => [[Look::SharpLine, Look::SharpLine, Look::None], Classification::Crack];
        yield 'not coming back' => [[Look::DotsInALine, Look::None], Classification::ContaminationOrEdge];
        yield 'nothing at first' => [[Look::None], Classification::NoIndicationFound];
        yield 'an edge' => [[Look::EdgeOrStep], Classification::ContaminationOrEdge];
    }

    /** @param  non-empty-list<Look>  $looks */
    #[DataProvider('readings')]
    public function test_readings_classify_an_indication(array $looks, Classification $expected): void
    {
        $this->assertSame($expected, Classification::ofLooks($looks));
    }

    public function test_no_single_reading_ever_makes_a_crack(): void
    {
        $this->assertSame(Classification::Crack, Classification::ofLooks([Look::Hole]), 'a hole is no doubt');
        foreach (array_filter(Look::cases(), static fn (Look $look): bool => $look !== Look::Hole) as $look) {
            $this->assertNotSame(Classification::Crack, Classification::ofLooks([$look]), $look->value);
        }
        $this->assertSame(Classification::Crack, Classification::ofLooks([Look::Leak, Look::SharpLine]), 'a leak that dye shows as a line');
        foreach (Look::cases() as $look) {
            $after = Classification::ofLooks([Look::SharpLine, $look]);
            $this->assertNotSame(Classification::NoIndicationFound, $after, 'a suspect line never becomes fine in silence');
        }
    }

    public function test_every_zone_of_every_family_has_a_disposition_or_is_refused_by_name(): void
    {
        $settled = $refused = 0;
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'] as $family) {
            $sheet = Bench::sheet($family);
            foreach ($sheet->faces() as $face) {
                foreach ($face->zones() as $zone) {
                    $material = $sheet->materialAt($face->part(), $zone);
                    try {
                        DispositionTable::dispose($material, $zone);
                        $settled++;
                    } catch (NoDisposition $exception) {
                        $this->assertSame($zone, $exception->said()->with['zone']);
                        $refused++;
                    }
                }
            }
            foreach ($sheet->pronePlaces as $place) {
                $this->assertInstanceOf(
                    Disposition::class,
                    DispositionTable::dispose($sheet->materialAt($place->face->part(), $place->zone), $place->zone),
                    "{$family} {$place->number}",
                );
            }
        }
        $this->assertGreaterThan(150, $settled);
        $this->assertGreaterThan(0, $refused);
    }

    public function test_magnesium_and_rods_are_scrap_and_the_specification_wins(): void
    {
        foreach (CrackZone::cases() as $zone) {
            $this->assertSame(Disposition::Scrap, DispositionTable::dispose(Material::Magnesium, $zone));
        }
        $this->assertSame(Disposition::Scrap, DispositionTable::dispose(Material::Aluminium, CrackZone::Rod));
        $this->assertSame(
            Disposition::WeldRepair,
            DispositionTable::dispose(Material::Magnesium, CrackZone::CaseWall, specified: Disposition::WeldRepair),
        );
        $this->assertSame(
            Disposition::GrindAndCheckAgain,
            DispositionTable::dispose(Material::Steel, CrackZone::CrankshaftJournal, grindsOut: true),
        );
    }

    public function test_a_check_counts_its_timers_over_midnight(): void
    {
        $run = $this->dyeRun(['clean' => '2026-03-01 23:40:00', 'penetrant' => '2026-03-01 23:55:00']);
        $this->assertSame('2026-03-02 00:05:00', $run->dueAt()?->format('Y-m-d H:i:s'));
        $this->assertSame(StepKind::Wipe, $run->next()?->kind);

        $read = $this->dyeRun([
            'clean' => '2026-03-01 23:40:00',
            'penetrant' => '2026-03-01 23:50:00',
            'wipe' => '2026-03-02 00:00:00',
            'developer' => '2026-03-02 00:04:00',
            'read' => '2026-03-02 00:14:00',
        ]);
        $this->assertSame([], $read->marks(), 'both timers had just ended');
        $this->assertNull($read->dueAt());
    }

    public function test_a_reading_before_a_timer_ends_or_an_hour_after_is_taken_and_marked(): void
    {
        $steps = [
            'clean' => '2026-03-01 10:00:00',
            'penetrant' => '2026-03-01 10:05:00',
            'wipe' => '2026-03-01 10:15:00',
            'developer' => '2026-03-01 10:20:00',
        ];
        $run = $this->dyeRun($steps);
        $this->assertSame('11:20', $run->tooLateAt()?->format('H:i'));
        $this->assertSame([TimingMark::Early], $run->marksAt(new DateTimeImmutable('2026-03-01 10:29:59')));
        $this->assertSame([], $run->marksAt(new DateTimeImmutable('2026-03-01 11:20:00')));
        $this->assertSame([TimingMark::Late], $run->marksAt(new DateTimeImmutable('2026-03-01 11:20:01')));
        $wipedEarly = $this->dyeRun(['wipe' => '2026-03-01 10:14:00'] + $steps);
        $this->assertSame([TimingMark::Early, TimingMark::Late], $wipedEarly->marksAt(new DateTimeImmutable('2026-03-01 12:00:00')));
    }

    public function test_a_part_is_never_called_free_of_cracks_and_a_crankshaft_says_surface_only(): void
    {
        $sheet = Bench::sheet('fell-6-d');
        $read = new CheckRun(
            'a',
            CheckMethod::WetMagneticParticle,
            EnginePart::Crankshaft,
            [Face::Crankshaft],
            Surface::Machined,
            CheckProcedure::magneticParticle(true),
            ['read' => new DateTimeImmutable()],
        );
        $report = new CrackReport($sheet, [], [$read], [], []);
        $crankshaft = $report->part(EnginePart::Crankshaft);
        $this->assertSame([CrackState::NoIndicationFound, true], [$crankshaft->state, $crankshaft->surfaceOnly]);
        $this->assertSame(CrackState::NotChecked, $report->part(EnginePart::Block)->state);

        $sentOut = new CheckRun(
            'b',
            CheckMethod::Ultrasonic,
            EnginePart::Crankshaft,
            [Face::Crankshaft],
            Surface::Machined,
            CheckProcedure::sentOut(CheckMethod::Ultrasonic),
            ['read' => new DateTimeImmutable()],
        );
        $this->assertFalse((new CrackReport($sheet, [], [$read, $sentOut], [], []))->part(EnginePart::Crankshaft)->surfaceOnly);
        foreach (CrackState::cases() as $state) {
            $this->assertStringNotContainsString('no crack', $state->value);
        }
    }

    public function test_a_rough_surface_is_a_doubt(): void
    {
        $run = new CheckRun(
            'a',
            CheckMethod::DryMagneticParticle,
            EnginePart::Block,
            [Face::Deck],
            Surface::Blasted,
            CheckProcedure::magneticParticle(false),
            ['read' => new DateTimeImmutable()],
        );
        $report = new CrackReport(Bench::sheet('tarn-4-198'), [], [$run], [], []);
        $this->assertSame(['cracks.doubt.blasted'], array_column($report->part(EnginePart::Block)->doubts, 'code'));
        $this->assertTrue($report->isRead(Face::Deck));
        $this->assertFalse($report->isRead(Face::Front));
    }

    public function test_a_place_on_the_map_has_to_be_one(): void
    {
        foreach (
            [
                [Face::Deck, CrackZone::Rod, null, [[1, 1]]],
                [Face::Deck, CrackZone::BoreWall, null, [[1, 1]]],
                [Face::Deck, CrackZone::BoreWall, 1, []],
                [Face::Deck, CrackZone::BoreWall, 1, [[1, 1001]]],
                [Face::Deck, CrackZone::BoreWall, 1, array_fill(0, 13, [1, 1])],
            ] as [$face, $zone, $cylinder, $points]
        ) {
            try {
                CrackLocation::on($face, $zone, $cylinder, $points);
                $this->fail('It was taken.');
            } catch (ImpossibleLocation $exception) {
                $this->assertStringStartsWith('refusal.cracks.', $exception->said()->code);
            }
        }
        $this->assertSame('deck, bore wall, cylinder 3', CrackLocation::on(Face::Deck, CrackZone::BoreWall, 3, [[0, 1000]])->key());
    }

    public function test_only_a_repair_waits_for_the_customer_and_only_until_the_answer(): void
    {
        $sharp = new LookReading(Look::SharpLine);
        $location = CrackLocation::on(Face::Deck, CrackZone::ValveSeatToBore, 2, [[350, 350]]);
        $suspect = new Indication('i', 1, $location, Material::GreyIron, [$sharp]);
        $crack = new Indication('i', 1, $location, Material::GreyIron, [$sharp, $sharp]);

        $this->assertFalse($suspect->waitsForCustomer());
        $this->assertNull($suspect->disposition());
        $this->assertTrue($crack->waitsForCustomer());
        $this->assertTrue($crack->waitsForDecision());
        $this->assertFalse((new Indication('i', 1, $location, Material::Magnesium, [$sharp, $sharp]))->waitsForCustomer());
    }

    public function test_a_pressure_test_shows_something_only_when_it_was_long_and_high_enough(): void
    {
        $test = Bench::sheet('cairn-l4-144')->pressureTests[0];
        $this->assertSame(PressureState::Tight, PressureReading::of($test, 140, 135, 15, 16.0, 0)->state());
        $this->assertSame(PressureState::Leaks, PressureReading::of($test, 140, 134.9, 15, null, 0)->state());
        $this->assertSame(
            PressureState::Leaks,
            PressureReading::of($test, 140, 140, 2, null, 1)->state(),
            'a leak that is seen needs no waiting',
        );
        $this->assertSame(PressureState::NotShown, PressureReading::of($test, 140, 138, 14.9, null, 0)->state());
        $this->assertSame(PressureState::NotShown, PressureReading::of($test, 139, 138, 20, null, 0)->state());
        $this->expectException(ImpossibleReading::class);
        PressureReading::of($test, 140, 141, 15, null, 0);
    }

    /** @param  array<string, string>  $done */
    private function dyeRun(array $done): CheckRun
    {
        $dwell = Dwell::at(18.0, DwellSchool::Short);

        return new CheckRun(
            'run',
            CheckMethod::DyePenetrant,
            EnginePart::Block,
            [Face::Deck],
            Surface::CleanCast,
            CheckProcedure::dyePenetrant($dwell),
            array_map(static fn (string $at): DateTimeImmutable => new DateTimeImmutable($at), $done),
            $dwell,
        );
    }
}
