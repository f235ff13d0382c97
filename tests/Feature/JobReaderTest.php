<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFiles;
use App\Record\JobReader;
use App\Record\SheetEntries;
use App\Storage\AddedRows;
use App\Storage\Job;
use App\Storage\JobObservations;
use App\Storage\JobTables;
use App\Storage\SheetName;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Inspection\Section;
use Tests\TestCase;

/** A job is read in one question, and what is read on is the same as what is read anew. */
final class JobReaderTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $inspector = $this->person(Role::Inspector);
        $this->actingAs($inspector);
        $this->job = $this->job($inspector);
        $this->stateSetup($this->job)->assertOk();
    }

    public function test_any_number_of_sheets_is_one_question(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '6.0')->assertOk();
        foreach ([[], [SheetName::bores()], SheetName::all()] as $sheets) {
            $asked = $this->questions(fn () => (new JobReader($this->job->id))->read($sheets));
            $this->assertSame(1, $asked, count($sheets).' sheets');
        }
    }

    public function test_the_sheets_on_which_one_rests_are_read_along_with_it(): void
    {
        $file = $this->app->make(JobFiles::class)->open($this->job->refresh());
        $asked = $this->questions(function () use ($file): void {
            $file->record->entries(SheetName::of(Section::Crankshaft));
            $file->record->entries(SheetName::of(Section::Housings));
            $file->record->entries(SheetName::of(Section::Rods));
            $file->record->observations();
        });
        $this->assertSame(1, $asked);
        $this->assertFalse($file->record->isOpened(SheetName::of(Section::Deck)));
        $this->assertSame(1, $this->questions(static fn () => $file->record->entries(SheetName::of(Section::Deck))));
    }

    public function test_read_on_after_every_entry_it_is_the_same_as_read_anew(): void
    {
        $reader = new JobReader($this->job->id);
        [$said, $entries] = $reader->read(SheetName::all());
        [$toldSaid, $told] = [$said, $entries];
        $steps = [
            fn () => $this->key($this->job, 'bore.1.top.thrust', '6.0'),
            fn () => $this->key($this->job, 'bore.1.top.inline', '3.0'),
            fn () => $this->key($this->job, 'main.1.front.0', '2.6245', 'crankshaft'),
            fn () => $this->key($this->job, 'mainscore.1', '0', 'crankshaft'),
            fn () => $this->postJson("/jobs/{$this->job->tag()}/sheets/bores/undo", ['ulid' => $this->ulid()]),
            fn () => $this->key($this->job, 'bore.1.middle.thrust', '4.0'),
            fn () => $this->key($this->job, 'bore.1.top.inline', '3.1'),
            fn () => $this->key($this->job, 'wall.1.90', '0.180'),
            fn () => $this->key($this->job, 'wall.1.90', '0.181', changes: ['reason' => 'misread']),
            fn () => $this->stateSetup($this->job, 'bores', [
                'instrument' => 'inside micrometer',
                'zero' => null,
                'reading_unit' => null,
            ]),
            fn () => $this->key($this->job, 'bore.2.top.thrust', '3.8185'),
            fn () => $this->postJson("/jobs/{$this->job->tag()}/sheets/bores/checks", [
                'ulid' => $this->ulid(),
                'feature' => 'bore',
                'shows' => '3.8130',
                'master' => '3.8125',
            ]),
            fn () => $this->sendTo($this->job, 'receive/parts', ['part' => 'rods', 'state' => 'damaged', 'remark' => 'bent']),
        ];
        foreach ($steps as $index => $step) {
            $added = $this->addedTo(static fn () => $step()->assertOk());
            [$said, $entries] = $reader->refreshed($said, $entries);
            [$toldSaid, $told] = $reader->refreshed($toldSaid, $told, $added);
            [$anewSaid, $anew] = $reader->read(SheetName::all());
            foreach (SheetName::all() as $sheet) {
                $this->assertSame(
                    $this->told($anew[$sheet->value]),
                    $this->told($entries[$sheet->value]),
                    "step {$index}, {$sheet->value}",
                );
                $this->assertSame(
                    $this->told($anew[$sheet->value]),
                    $this->told($told[$sheet->value]),
                    "step {$index}, {$sheet->value}, only where something was added: ".implode(', ', $added->tables()),
                );
            }
            $this->assertSame(array_column($anewSaid->rows, 'id'), array_column($said->rows, 'id'));
            $this->assertSame(array_column($anewSaid->rows, 'id'), array_column($toldSaid->rows, 'id'));
        }
        $this->assertCount(1, $entries['bores']->suspects(), 'the gauge that drifted makes its reading suspect');
        $this->assertTrue(
            $entries['bores']->gauges->hasDrifted(
                $entries['bores']->gauges->current(BoreFeature::Bore) ?? $this->fail('A gauge is stated.'),
            ),
        );
    }

    public function test_nothing_new_leaves_everything_as_it_was(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '6.0')->assertOk();
        $reader = new JobReader($this->job->id);
        [$said, $entries] = $reader->read([SheetName::bores()]);
        [$again, $refreshed] = $reader->refreshed($said, $entries);
        $this->assertSame($said, $again);
        $this->assertSame($entries['bores']->rows, $refreshed['bores']->rows);
    }

    public function test_another_job_lends_nothing(): void
    {
        $other = $this->job($this->person(Role::Inspector, 'second'));
        $this->key($this->job, 'bore.1.top.thrust', '6.0')->assertOk();
        [$said, $entries] = (new JobReader($other->id))->read(SheetName::all());
        $this->assertSame([], $said->rows);
        foreach ($entries as $sheet) {
            $this->assertSame([], $sheet->rows);
            $this->assertSame([], $sheet->gauges->setups);
        }
    }

    public function test_what_is_known_of_nothing_is_nothing(): void
    {
        $this->assertSame(0, JobObservations::none()->lastId());
        $this->assertSame(0, SheetEntries::none()->lastId());
        $this->assertNull(SheetEntries::none()->at(Place::parse('bore.1.top.thrust'))->newest());
    }

    /** @return array<string, mixed> What a sheet comes to */
    private function told(SheetEntries $entries): array
    {
        return [
            'rows' => array_column($entries->rows, 'ulid'),
            'places' => array_map(
                static fn (Place $place): ?int => $entries->at($place)->newest()?->nanometres,
                $entries->measuredPlaces(),
            ),
            'setups' => array_column($entries->gauges->setups, 'ulid'),
            'checks' => array_column($entries->gauges->checks, 'id'),
            'suspects' => array_column($entries->suspects(), 'ulid'),
        ];
    }

    /** Rows of a job that were not there before, as the database tells them. */
    private function addedTo(callable $work): AddedRows
    {
        $newest = static fn (string $table): int => (int) DB::table($table)->max('id');
        $before = array_map($newest, array_combine(array_keys(JobTables::REFERENCES), array_keys(JobTables::REFERENCES)));
        $work();
        $added = new AddedRows();
        foreach ($before as $table => $last) {
            foreach (DB::select('SELECT '.JobTables::told($table)." FROM {$table} WHERE id > {$last} ORDER BY id") as $row) {
                $added->add($table, $row->id, $row);
            }
        }

        return $added;
    }
}
