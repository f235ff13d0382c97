<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Crankshaft\FinishedClearances;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Verification\Proofs\OrderedSize;
use NorthLedger\Core\Work\Target;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is left to come off, and what is between finished parts (WORK-4, JRNL-8, JRNL-9). */
final class FinishedFitsTest extends TestCase
{
    private const AIM = 50_000_000;

    private const HALF = 5_000;

    #[DataProvider('seeds')]
    public function test_metal_is_left_only_where_nothing_is_cut_too_far_and_then_down_to_the_aim(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $sizes = array_map(static fn (): int => self::AIM + $chance->getInt(-9_000, 9_000), range(1, 4));
        $places = array_map(
            static fn (string $spot): Place => Place::at(JournalFeature::Main, 1, $spot),
            ['front.0', 'front.90', 'rear.0', 'rear.90'],
        );
        $readings = array_map(MeasuredEngine::reading(...), $places, $sizes);
        $target = new Target(
            Length::ofNanometres(self::AIM),
            Length::ofNanometres(self::AIM - self::HALF),
            Length::ofNanometres(self::AIM + self::HALF),
        );
        [$isLarge, $isSmall] = [max($sizes) > self::AIM + self::HALF, min($sizes) < self::AIM - self::HALF];

        $this->assertSame(
            $isLarge && ! $isSmall ? max($sizes) - self::AIM : null,
            OrderedSize::ofJournal($target, $places)->left($readings)?->nanometres,
            'a journal gets smaller',
        );
        $this->assertSame(
            $isSmall && ! $isLarge ? self::AIM - min($sizes) : null,
            OrderedSize::ofBore($target, $places)->left($readings)?->nanometres,
            'a bore gets larger',
        );
    }

    /**
     * Of all clearances between a place of the big end and a place of the journal none is less inside the range than the one that is told.
     */
    #[DataProvider('seeds')]
    public function test_the_told_oil_clearance_is_the_worst_of_all(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $sheet = Bench::sheet('tarn-4-198');
        $bigEnd = $sheet->rods->bigEnd?->middle()->nanometres ?? 0;
        $pin = $sheet->crankshaft->rods->diameter?->middle()->nanometres ?? 0;
        [$rods, $pins] = [[], []];
        foreach (['front.0', 'front.90', 'rear.0', 'rear.90'] as $spot) {
            $rods["bigend.2.{$spot}"] = $bigEnd + $chance->getInt(-6_000, 6_000);
            $pins["pin.2.{$spot}"] = $pin + $chance->getInt(-6_000, 6_000);
        }
        $engine = new KnownEngine($sheet, ['rods' => $rods, 'crankshaft' => $pins]);
        $clearances = new FinishedClearances($sheet, Bench::policy(), $engine);
        $pair = $clearances->shells()['pin.2'];
        $walls = $pair->upper->wall->plus($pair->lower->wall)->nanometres;
        $told = null;
        foreach ($clearances->findings() as $finding) {
            $told = $finding->about->code === 'pin.2' ? $finding : $told;
        }
        $range = $sheet->crankshaft->rods->oilClearance;
        $this->assertNotNull($range);
        $margins = [];
        foreach ($rods as $outer) {
            foreach ($pins as $inner) {
                $clearance = $outer - $inner - $walls;
                $margins[] = min($clearance - $range->least->nanometres, $range->most->nanometres - $clearance);
            }
        }

        $this->assertSame(Criterion::OilClearance, $told?->criterion);
        $this->assertSame(min($margins), $told->margin?->value);
    }

    /** @return iterable<int, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 40) as $seed) {
            yield $seed => [$seed];
        }
    }

    public function test_a_sheet_of_finished_work_has_the_ordered_places_all_needed_and_no_empty_rows_or_columns(): void
    {
        $plan = InspectionPlan::of(Section::Crankshaft, self::vee())->narrowedTo([
            Place::at(JournalFeature::Main, 2, 'front.0'),
            Place::at(JournalFeature::Main, 4, 'rear.90'),
            Place::at(JournalFeature::MainFinish, 2),
        ]);

        $this->assertCount(1, $plan->tables);
        $this->assertSame(['2', '4'], $plan->tables[0]->columns);
        $this->assertEquals(
            [
                new Message('places.degrees', ['degrees' => '0']),
                new Message('places.degrees', ['degrees' => '90']),
                new Message('places.row.ra'),
            ],
            array_column($plan->tables[0]->rows, 'label'),
        );
        $this->assertEquals(
            [new Message('places.row.front'), new Message('places.row.rear'), ''],
            array_column($plan->tables[0]->rows, 'group'),
        );
        $this->assertSame(['main.2', 'main.4'], $plan->tables[0]->subjects);
        $this->assertSame(
            ['main.2.front.0' => true, 'mainra.2' => true, 'main.4.rear.90' => true],
            array_column(
                array_map(
                    static fn (Characteristic $one): array => ['key' => $one->place->key, 'needed' => $one->isNeeded],
                    $plan->walk(),
                ),
                'needed',
                'key',
            ),
        );
        $this->assertSame([], InspectionPlan::of(Section::Crankshaft, self::vee())->narrowedTo([])->tables);
    }

    private static function vee(): SpecificationSheet
    {
        return Bench::sheet('brae-v8-311');
    }
}
