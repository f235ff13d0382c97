<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Storage\ShelfBook;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** The Judge page is made once for what stands, and anew for whatever is written. */
final class KeptPagesTest extends TestCase
{
    use StatedJob;

    protected function setUp(): void
    {
        parent::setUp();
        config(['cache.default' => 'database']);
        $this->stateJob();
        $this->keyBore($this->job, 1, ['4.1', '1.7', '2.2', '1.2', '0.8', '0.6']);
    }

    public function test_what_stands_is_judged_once(): void
    {
        $first = $this->judged();
        [$second, $asked] = $this->asked(fn (): string => $this->judged());
        $this->assertSame($first, $second);
        $this->assertSame([], array_filter($asked, static fn (string $query): bool => str_contains($query, 'FROM readings')));
    }

    public function test_a_reading_a_unit_a_gauge_a_day_and_other_code_make_it_anew(): void
    {
        $this->judged();
        $judgesAnew = fn (): bool => array_filter(
            $this->asked(fn (): string => $this->judged())[1],
            static fn (string $query): bool => str_contains($query, 'FROM readings'),
        ) !== [];
        $this->assertFalse($judgesAnew());

        $this->key($this->job, 'bore.1.top.thrust', '9.6', changes: ['reason' => 'misread'])->assertOk();
        $this->assertTrue($judgesAnew(), 'a corrected reading');
        $this->assertStringContainsString('7.9 thou', $this->judged());
        $this->show('/shown', ['unit' => 'mm'])->assertRedirect();
        $this->assertTrue($judgesAnew(), 'another unit');
        $this->registerAGauge();
        $this->assertTrue($judgesAnew(), 'another gauge');
        $this->travel(1)->days();
        $this->assertTrue($judgesAnew(), 'another day');
        config(['app.build' => 'another']);
        $this->assertTrue($judgesAnew(), 'other code');
        $this->assertFalse($judgesAnew());
    }

    public function test_the_plan_is_made_once_as_well_and_anew_for_what_comes_onto_the_shelf(): void
    {
        foreach ([2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['6.1', '3.2', '3.9', '2.2', '0.8', '0.6']);
        }
        $plan = fn (): string => (string) $this->get("/jobs/{$this->job->tag()}/plan")
            ->assertOk()
            ->getContent();
        $plansAnew = fn (): bool => array_filter(
            $this->asked($plan)[1],
            static fn (string $query): bool => str_contains($query, 'FROM readings'),
        ) !== [];
        $this->assertStringContainsString('8 days for parts', $plan());
        $this->assertFalse($plansAnew());
        ShelfBook::put('tarn-4-198', 'piston 508000', 4);
        $this->assertTrue($plansAnew(), 'something came onto the shelf');
        $this->assertStringContainsString('4 days for parts', $plan());
        $this->get("/jobs/{$this->job->tag()}/plan?option=replace")->assertSee('21 days for parts');
        $this->assertStringContainsString('4 days for parts', $plan(), 'what somebody tries is not kept');
    }

    private function judged(): string
    {
        $page = (string) $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertOk()
            ->getContent();

        return (string) preg_replace('/value="[0-9A-Z]{26}"/', '', $page);
    }

    /**
     * @param  callable(): string  $work
     * @return array{string, list<string>} What it gave, and what the database was asked
     */
    private function asked(callable $work): array
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $given = $work();
        $asked = array_column(DB::getQueryLog(), 'query');
        DB::disableQueryLog();

        return [$given, $asked];
    }

    private function registerAGauge(): void
    {
        $this->post('/gauges', [
            'ulid' => $this->ulid(),
            'tag' => 'G-07',
            'name' => 'Bore gauge',
            'kind' => 'dial bore gauge .0001',
            'unit' => 'in',
        ])->assertSessionDoesntHaveErrors();
    }
}
