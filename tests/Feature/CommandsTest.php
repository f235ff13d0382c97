<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFile;
use App\Storage\Job;
use App\Storage\PolicyBook;
use App\Storage\SpecBook;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Assessment\BlockAssessment;
use Tests\TestCase;

/** What is asked of the ledger from a command line, and what is asked for that is not there. */
final class CommandsTest extends TestCase
{
    public function test_every_class_of_the_house_is_listed_for_the_start_of_the_server_whatever_the_demo_holds(): void
    {
        $list = (string) tempnam(sys_get_temp_dir(), 'preload');
        $this->assertSame(0, Artisan::call('ledger:preload', ['file' => $list]));
        $classes = file($list, FILE_IGNORE_NEW_LINES) ?: [];
        unlink($list);

        $this->assertContains(BlockAssessment::class, $classes);
        $this->assertContains(JobFile::class, $classes);
        $this->assertContains('App\Drawings\ValveDrawing', $classes, 'also what no page of the list happened to use');
        $this->assertSame([], preg_grep('/^App\\\\Console|@anonymous/', $classes), 'no commands, nothing without a name');
        $this->assertSame($classes, array_values(array_unique($classes)));
        foreach (['core' => 'NorthLedger\Core', 'app' => 'App'] as $folder => $namespace) {
            $files = array_filter(
                iterator_to_array(new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(base_path($folder)))),
                static fn (\SplFileInfo $file): bool => $file->getExtension() === 'php' &&
                    ! str_contains($file->getPathname(), '/app/Console/'),
            );
            $this->assertCount(
                count($files),
                preg_grep('/^'.preg_quote($namespace, '/').'\\\\(?!Console)/', $classes) ?: [],
                "every file of {$folder}",
            );
        }
    }

    public function test_a_job_that_is_not_there_is_not_exported(): void
    {
        foreach (['NL-9999', 'nonsense', ''] as $tag) {
            $this->assertSame(1, Artisan::call('ledger:export', ['tag' => $tag]));
            $this->assertStringContainsString("There is no job {$tag}.", Artisan::output());
        }
    }

    public function test_a_job_is_exported_by_any_way_of_writing_its_tag(): void
    {
        $job = $this->job($this->person(Role::Inspector));
        $outputs = [];
        foreach ([$job->tag(), strtolower($job->tag()), (string) $job->id] as $tag) {
            $this->assertSame(0, Artisan::call('ledger:export', ['tag' => $tag]));
            $outputs[] = Artisan::output();
        }
        $this->assertCount(1, array_unique($outputs));
        $this->assertSame($job->tag(), json_decode($outputs[0], true)['job']);
        $this->assertSame('NL-0007', Job::tagOf(7));
    }

    public function test_a_revision_that_never_was_is_missed_and_not_made_up(): void
    {
        $this->expectException(ModelNotFoundException::class);
        $this->app->make(PolicyBook::class)->document(41);
    }

    public function test_a_sheet_that_never_was_is_missed_and_not_made_up(): void
    {
        $this->expectException(ModelNotFoundException::class);
        $this->app->make(SpecBook::class)->document('tarn-4-198', 41);
    }

    public function test_a_load_is_planned_without_a_database_and_what_cannot_be_is_refused_with_a_sentence(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'load');
        $load = [
            'machines' => [['machine' => 'mill', 'open' => [[0, 100]]]],
            'jobs' => [['job' => 'A', 'due' => 50, 'weight' => 1]],
            'operations' => [['operation' => 'deck', 'job' => 'A', 'machine' => 'mill', 'run' => 60]],
        ];
        $plan = function (mixed $load) use ($file): int {
            file_put_contents($file, is_string($load) ? $load : json_encode($load));

            return Artisan::call('load:plan', ['file' => $file]);
        };
        try {
            DB::enableQueryLog();
            $this->assertSame(0, $plan($load));
            $planned = json_decode(Artisan::output(), true, 16, JSON_THROW_ON_ERROR);
            $this->assertSame([60, 10, true], [$planned['jobs'][0]['end'], $planned['late'][0]['minutes'], $planned['is_best']]);
            $this->assertSame([], DB::getQueryLog());
            foreach (
                [
                    'That is no JSON' => '{nonsense',
                    'expected a list' => [],
                    'There is no machine “lathe”' => array_replace_recursive($load, ['operations' => [['machine' => 'lathe']]]),
                    'wait for each other in a circle' => array_replace_recursive($load, ['operations' => [['after' => ['deck']]]]),
                    'The open hours of the machines are too few' => array_replace_recursive($load, ['operations' => [['run' => 101]]]),
                    'Not every pin can be kept' => array_replace_recursive($load, ['operations' => [['pinned' => 90]]]),
                ] as $says => $wrong
            ) {
                $this->assertSame(1, $plan($wrong));
                $this->assertStringContainsString($says, Artisan::output());
            }
        } finally {
            unlink($file);
        }
        $this->assertSame(1, Artisan::call('load:plan', ['file' => '/nowhere/load.json']));
    }
}
