<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Record\Measurements;
use PHPUnit\Framework\TestCase;

/** The bores of the camshaft's bearings: read where somebody wants to know, judged by size, roundness and line (LINE-1, LINE-2). */
final class CamshaftTest extends TestCase
{
    private const THOU = 25_400;

    /** 2.1885 in, the middle of the first bore. */
    private const MIDDLE = 55_587_900;

    public function test_they_stand_on_the_sheet_of_the_housings_and_nobody_has_to_read_them(): void
    {
        $plan = InspectionPlan::of(Section::Housings, Bench::sheet('tarn-4-198'));
        $this->assertFalse($plan->find(Place::parse('cambore.3.90'))?->isNeeded);
        $this->assertNull(
            InspectionPlan::of(Section::Housings, Bench::sheet('quern-3-16'))->find(Place::parse('cambore.1.0')),
            'its camshaft runs in the head',
        );
        $this->assertSame([], $this->findings([]));
    }

    public function test_each_is_held_against_its_own_size_and_the_line_of_all(): void
    {
        $good = $this->findings(['cambore.1.0' => self::MIDDLE, 'cambore.1.90' => self::MIDDLE + 5_000, 'camoffset.1' => -self::THOU]);
        $this->assertSame([Outcome::Pass, Outcome::Pass, Outcome::Pass], array_column($good, 'outcome'));

        $bad = $this->findings([
            'cambore.1.0' => self::MIDDLE,
            'cambore.1.90' => self::MIDDLE + 2 * self::THOU,
            'camoffset.2' => -2 * self::THOU,
        ]);
        $this->assertSame(
            [
                ['cambore.1', Criterion::Size, Outcome::Fail],
                ['cambore.1', Criterion::OutOfRound, Outcome::Fail],
                ['cambore.2', Criterion::OffLine, Outcome::Fail],
            ],
            array_map(static fn (Finding $finding): array => [$finding->about->code, $finding->criterion, $finding->outcome], $bad),
        );
        $this->assertSame(2 * self::THOU, $bad[2]->value?->value, 'up or down, it is as far off');
        $missing = $this->findings(['cambore.2.0' => 20 * self::THOU + self::MIDDLE]);
        $this->assertSame(
            [Outcome::Fail, Outcome::Missing],
            array_column($missing, 'outcome'),
            'the second is smaller; one reading has no roundness',
        );
    }

    public function test_what_fails_is_bored_in_line_once_for_each_bore(): void
    {
        $works = Bench::judge(Section::Housings, Bench::sheet('tarn-4-198'))->judge(
            $this->read(['cambore.1.0' => self::MIDDLE, 'cambore.1.90' => self::MIDDLE + 2 * self::THOU]),
        )->works;
        $this->assertSame(
            [['cambore.1', WorkKind::LineBore]],
            array_map(static fn (PlannedWork $work): array => [$work->about->code, $work->kind], $works),
        );
    }

    /**
     * @param  array<string, int>  $nanometres
     * @return list<Finding>
     */
    private function findings(array $nanometres): array
    {
        $judged = Bench::judge(Section::Housings, Bench::sheet('tarn-4-198'))->judge($this->read($nanometres));

        return array_values(
            array_filter($judged->findings, static fn (Finding $finding): bool => str_starts_with($finding->about->code, 'cambore')),
        );
    }

    /** @param  array<string, int>  $nanometres */
    private function read(array $nanometres): Measurements
    {
        $readings = [];
        foreach ($nanometres as $key => $value) {
            $readings[$key] = MeasuredEngine::reading(Place::parse($key), $value, InstrumentKind::BoreGaugeTenth);
        }

        return new Measurements($readings);
    }
}
