<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFiles;
use App\Storage\Job;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Inspection\Section;
use Tests\TestCase;

/** A folder of features is enough for a sheet's page, its entry, drawing, verdict and package: the camshaft's bores. */
final class CamshaftSheetTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $inspector = $this->person(Role::Inspector);
        $this->job = $this->job($inspector);
        $this->actingAs($inspector);
    }

    public function test_they_are_read_drawn_judged_and_planned_like_everything_else(): void
    {
        $page = "/jobs/{$this->job->tag()}/measure/housings";
        $this->get($page)
            ->assertOk()
            ->assertSee('Camshaft bores, bearings out, from the front')
            ->assertDontSee('camshaft bores, off their line exaggerated');

        $this->sendTo($this->job, 'sheets/housings/setups', [
            'feature' => 'cambore',
            'instrument' => 'dial bore gauge .0001',
            'zero' => '2.1885',
        ])->assertOk();
        $this->key($this->job, 'cambore.1.0', '0.2', 'housings')->assertOk();
        $this->key($this->job, 'cambore.1.90', '2.4', 'housings')->assertOk();
        $this->key($this->job, 'camoffset.2', '-0.4', 'housings')->assertOk();
        $this->key($this->job, 'cambore.4.0', '0.2', 'housings')->assertUnprocessable();

        $this->get($page)->assertSee('camshaft bores, off their line exaggerated')->assertSee('Camshaft bore 1: line bore');
        $this->assertSame(['LINE-1/cambore.1/size', 'LINE-1/cambore.1/out_of_round'], $this->failing());
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertOk()
            ->assertSee('Camshaft bore 1');
        $this->key($this->job, 'cambore.1.90', '0.3', 'housings', ['reason' => 'misread'])->assertOk();
        $this->assertSame([], $this->failing());
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_an_engine_whose_camshaft_runs_in_the_head_has_none(): void
    {
        $job = $this->job($this->person(Role::Owner), 'quern-3-16');
        $this->get("/jobs/{$job->tag()}/measure/housings")
            ->assertOk()
            ->assertDontSee('Camshaft bores');
    }

    /** @return list<string> Keys of what fails on the sheet */
    private function failing(): array
    {
        $findings = $this->app->make(JobFiles::class)->open($this->job->refresh())->inspection()->judged(Section::Housings)->findings;

        return array_values(
            array_map(
                static fn (Finding $one): string => $one->key(),
                array_filter($findings, static fn (Finding $one): bool => $one->outcome === Outcome::Fail),
            ),
        );
    }
}
