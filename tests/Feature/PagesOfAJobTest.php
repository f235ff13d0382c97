<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\PdfPrinter;
use App\Http\CsvFile;
use App\People\Role;
use App\Record\JobFiles;
use App\Record\LookCodes;
use App\Storage\Job;
use App\Storage\OptionRecord;
use App\Storage\Stage;
use App\Storage\User;
use NorthLedger\Core\Features\Bores\BoreFeature;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\TestCase;

/** What single pages say, and the small pieces they are made of. */
final class PagesOfAJobTest extends TestCase
{
    private User $inspector;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->inspector = $this->person(Role::Inspector);
        $this->job = $this->job($this->inspector);
        $this->actingAs($this->inspector);
    }

    public function test_all_nine_stages_stand_in_the_thumb_index_of_every_page(): void
    {
        foreach (Stage::cases() as $stage) {
            $page = $this->get("/jobs/{$this->job->tag()}/{$stage->value}")->assertOk();
            foreach (Stage::cases() as $other) {
                $page->assertSee("/jobs/{$this->job->tag()}/{$other->value}", false);
            }
            $this->assertMatchesRegularExpression("#/{$stage->value}\"\s+aria-current=\"page\"#", (string) $page->getContent());
        }
    }

    public function test_a_job_opens_at_its_stage(): void
    {
        $this->get("/jobs/{$this->job->tag()}")->assertRedirect("/jobs/{$this->job->tag()}/receive");
        $this->get('/jobs/'.strtolower($this->job->tag()))->assertRedirect("/jobs/{$this->job->tag()}/receive");
        $this->get("/jobs/{$this->job->id}")->assertRedirect("/jobs/{$this->job->tag()}/receive");
    }

    public function test_later_stages_say_what_they_lack(): void
    {
        $this->get("/jobs/{$this->job->tag()}/work")->assertSee('The order follows from the plan.');
        $this->get("/jobs/{$this->job->tag()}/verify")->assertSee('There is nothing to verify: no order yet.');
        $this->get("/jobs/{$this->job->tag()}/release")->assertSee('No option chosen yet.');
        $this->get("/jobs/{$this->job->tag()}/certificate")->assertNotFound();
    }

    public function test_a_plan_without_a_known_step_says_which_reading_shows_it(): void
    {
        $unknown = $this->job($this->inspector, declaredStep: null);
        $this->stateSetup($unknown);
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->key($unknown, "bore.{$cylinder}.top.thrust", '2.0');
        }
        $this->get("/jobs/{$unknown->tag()}/plan")
            ->assertSee('No plan yet')
            ->assertSee('the least worn place shows which size the bore was made to');
        $this->assertSame('cylinder 1, bottom, thrust', $unknown->refresh()->waits_for);
    }

    public function test_a_machinist_reads_the_sheet_and_has_no_entry_line(): void
    {
        $this->actingAs($this->person(Role::Machinist));
        $this->get("/jobs/{$this->job->tag()}/measure")
            ->assertOk()
            ->assertSee('Readings are keyed by an inspector.')
            ->assertDontSee('data-entry');
    }

    public function test_judge_unfolds_every_criterion_of_every_bore_with_its_rule(): void
    {
        $this->stateSetup($this->job);
        $this->keyBore($this->job, 3, ['9.6', '5.2', '4.0', '2.5', '2.2', '1.8']);
        $page = (string) $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertOk()
            ->getContent();

        $this->assertSame(4 * 8, substr_count($page, 'BORE-6 ·'));
        $this->assertStringContainsString('rests on top, thrust 3.8221 and top, in line 3.8177', $page);
        $this->assertStringContainsString('Cylinder 3 would pass with a limit of 4.4 thou for out-of-round (now 2.0)', $page);
        $this->assertStringContainsString('shop policy revision 0', $page);
    }

    public function test_what_somebody_typed_cannot_become_markup(): void
    {
        $this->job->update(['description' => '<script>alert(1)</script>', 'serial' => '"><img src=x>']);
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.1.top.thrust', '3.1');
        $this->key($this->job, 'bore.1.top.thrust', '3.2', changes: ['reason' => '<b onclick=x>']);
        foreach (['measure', 'history', 'receive'] as $page) {
            $html = (string) $this->get("/jobs/{$this->job->tag()}/{$page}")
                ->assertOk()
                ->getContent();
            $this->assertStringNotContainsString('<script>alert', $html);
            $this->assertStringNotContainsString('<img src=x', $html);
            $this->assertStringNotContainsString('<b onclick', $html);
        }
    }

    public function test_an_option_is_recorded_and_read_back_unchanged(): void
    {
        $this->stateSetup($this->job);
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, [$cylinder === 2 ? '60' : '9.1', $cylinder === 2 ? '55' : '5', '5', '3', '1', '0.8']);
        }
        $plan = $this->app->make(JobFiles::class)->open($this->job->refresh())->assessment()->plan;
        $this->assertNotNull($plan);
        foreach ($plan->options as $option) {
            $plain = json_decode((string) json_encode(OptionRecord::write($option)), true);
            $this->assertEquals($option, OptionRecord::read($plain), $option->key());
        }
    }

    /** @return iterable<string, array{string|int|bool|null, string}> */
    public static function csvCells(): iterable
    {
        yield 'a formula' => ['=1+1', "'=1+1"];
        yield 'another' => ['@SUM(A1)', "'@SUM(A1)"];
        yield 'a deviation stays a number' => ['+3.1', '+3.1'];
        yield 'so does one below zero' => ['-.0005', '-.0005'];
        yield 'a formula behind a number' => ['-1+cmd|x', "'-1+cmd|x"];
        yield 'a formula behind a space' => [' =1+1', "' =1+1"];
        yield 'a call in a sign' => ['-cmd|x', "'-cmd|x"];
        yield 'a number' => [96_916_240, '96916240'];
        yield 'yes' => [true, 'yes'];
        yield 'nothing' => [null, ''];
    }

    #[DataProvider('csvCells')]
    public function test_a_spreadsheet_gets_no_formulas(string|int|bool|null $value, string $cell): void
    {
        $line = rtrim(CsvFile::of([[$value, 'end']]), "\r\n");
        $this->assertSame([$cell, 'end'], str_getcsv($line, ',', '"', ''));
        $this->assertSame(ltrim((string) $cell, "'"), CsvFile::unmarked($cell));
    }

    public function test_every_look_has_a_digit_and_every_digit_reads_back(): void
    {
        foreach ([BoreFeature::Ridge, BoreFeature::Scoring, BoreFeature::Pitting, BoreFeature::Crack] as $feature) {
            foreach (LookCodes::words($feature) as $digit => $word) {
                $stored = LookCodes::stored($feature, (string) $digit);
                $this->assertNotNull($stored);
                $this->assertSame($word, LookCodes::shown($feature, $stored));
            }
            $this->assertNull(LookCodes::stored($feature, '9'));
            $this->assertNull(LookCodes::stored($feature, ' 1'));
        }
        $this->assertSame([], LookCodes::words(BoreFeature::Bore));
    }

    public function test_without_chromium_the_printer_says_what_to_do(): void
    {
        $this->expectException(RuntimeException::class);
        $this->expectExceptionMessage('print the page from the browser instead');
        (new PdfPrinter('/nowhere/chromium', '/nowhere/mark'))->print('<p>page</p>', sys_get_temp_dir().'/never.pdf');
    }
}
