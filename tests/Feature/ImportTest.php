<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Sheet\Import\BoreCsv;
use App\Sheet\Import\CsvRow;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\Reading;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A sheet read in from comma-separated text: seen before it is written, and written once. */
final class ImportTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $inspector = $this->person(Role::Inspector);
        $this->job = $this->job($inspector);
        $this->actingAs($inspector);
    }

    public function test_the_preview_names_each_rows_problem_and_writes_nothing(): void
    {
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.4.top.thrust', '3.3');
        $before = [Reading::query()->count(), LedgerEntry::query()->count()];
        $page = $this->preview(
            "cylinder,station,axis,value\n1,top,thrust,3.1\n1,top,in ".
                "line,wide\n9,top,thrust,3.1\n2,crown,thrust,3.1\n3,top,thrust,\n2,top,thrust,160\n4,top,thrust,3.4",
        )->assertOk();
        $page
            ->assertSee('is read in')
            ->assertSee('This engine has no cylinder 9.')
            ->assertSee('There is no value.')
            ->assertSee('is no place that is read here')
            ->assertSee('+160.0 thou from the nominal')
            ->assertSee('already reads 3.3');
        $this->assertSame(1, substr_count((string) $page->getContent(), '✓ is read in'));
        $this->assertSame(2, substr_count((string) $page->getContent(), 'take it all the same'));
        $this->assertSame($before, [Reading::query()->count(), LedgerEntry::query()->count()]);
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    public function test_what_was_looked_at_is_written_once(): void
    {
        $this->stateSetup($this->job);
        $rows = [
            'rows' => [
                ['ulid' => $this->ulid(), 'place' => 'bore.1.top.thrust', 'text' => '3.1', 'take' => '1'],
                ['ulid' => $this->ulid(), 'place' => 'bore.2.top.thrust', 'text' => '160', 'take' => '1', 'confirmed' => '1'],
                ['ulid' => $this->ulid(), 'place' => 'bore.3.top.thrust', 'text' => '3.2'],
            ],
        ];
        $this->post("/jobs/{$this->job->tag()}/sheets/bores/import/rows", $rows)
            ->assertRedirect("/jobs/{$this->job->tag()}/measure")
            ->assertSessionHas('note', '2 readings were read in.');
        $this->post("/jobs/{$this->job->tag()}/sheets/bores/import/rows", $rows)->assertRedirect();
        $this->assertSame(['bore.1.top.thrust', 'bore.2.top.thrust'], Reading::query()->orderBy('id')->pluck('place')->all());
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    public function test_the_own_export_is_read_back(): void
    {
        $this->stateSetup($this->job);
        $this->keyBore($this->job, 1, ['3.1', '1.9', '2.2', '1.5', '1.0', '0.8']);
        $csv = (string) $this->get("/jobs/{$this->job->tag()}/readings.csv")->getContent();
        $other = $this->job($this->person(Role::Owner));
        $this->stateSetup($other);
        $page = $this->post("/jobs/{$other->tag()}/sheets/bores/import", [
            'file' => UploadedFile::fake()->createWithContent('readings.csv', $csv),
        ])->assertOk();
        $this->assertSame(6, substr_count((string) $page->getContent(), '✓ is read in'));
    }

    public function test_without_a_gauge_stated_no_row_can_be_taken(): void
    {
        $this->preview("place,value\nbore.1.top.thrust,3.1")->assertSee('Which gauge is it')->assertDontSee('✓ is read in');
    }

    /** @return iterable<string, array{string, string}> */
    public static function noSheets(): iterable
    {
        yield 'nothing' => ['', 'nothing to read in'];
        yield 'columns only' => ["cylinder,station,axis,value\n", 'nothing to read in'];
        yield 'other columns' => ["name,age\nx,3", 'names no column'];
        yield 'too long' => ["place,value\n".str_repeat("bore.1.top.thrust,3\n", 401), '400 are taken at once'];
    }

    #[DataProvider('noSheets')]
    public function test_a_text_that_is_no_sheet_is_refused_and_kept(string $text, string $complaint): void
    {
        $this->from("/jobs/{$this->job->tag()}/sheets/bores/import")
            ->post("/jobs/{$this->job->tag()}/sheets/bores/import", ['text' => $text])
            ->assertSessionHasErrors('text');
        $this->assertStringContainsString($complaint, session('errors')->first('text'));
        $this->get("/jobs/{$this->job->tag()}/sheets/bores/import")->assertOk();
    }

    public function test_separators_quotes_and_byte_order_marks_of_spreadsheets_are_understood(): void
    {
        $rows = BoreCsv::parse("\xEF\xBB\xBFCylinder;Station;Axis;Value\r\n1;Top;In line;\"+1,5\"\r\n2;bottom;135°;0.4\r\n")->rows;
        $this->assertSame(
            [['bore.1.top.inline', '+1,5'], ['bore.2.bottom.135', '0.4']],
            array_map(static fn (CsvRow $row): array => [$row->place?->key, $row->text], $rows),
        );
    }

    public function test_only_who_measures_reads_in(): void
    {
        $this->actingAs($this->person(Role::Machinist));
        $this->get("/jobs/{$this->job->tag()}/sheets/bores/import")->assertForbidden();
        $this->preview("place,value\nbore.1.top.thrust,3.1")->assertForbidden();
    }

    private function preview(string $text): TestResponse
    {
        return $this->post("/jobs/{$this->job->tag()}/sheets/bores/import", ['text' => $text]);
    }
}
