<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Words\Messages;
use Illuminate\Console\Command;
use JsonException;
use NorthLedger\Core\CoreException;
use NorthLedger\Core\Scheduling\LoadDocument;
use NorthLedger\Core\Scheduling\Scheduler;

/** Plans a load without a database: machines, jobs and operations in, starts and ends out (docs/load.md). */
final class PlanLoad extends Command
{
    protected $signature = 'load:plan {file : a load as JSON; - reads it from the standard input}';

    protected $description = 'Plan machines and days: a load as JSON in, its schedule as JSON out';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        $json = $file === '-' ? stream_get_contents(STDIN) : @file_get_contents($file);
        if ($json === false) {
            $this->error("{$file} cannot be read.");

            return self::FAILURE;
        }
        try {
            $data = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
            $load = LoadDocument::read(is_array($data) ? $data : []);
            $plan = LoadDocument::of($load, Scheduler::best($load));
        } catch (JsonException $exception) {
            $this->error("That is no JSON: {$exception->getMessage()}.");

            return self::FAILURE;
        } catch (CoreException $exception) {
            $this->error(Messages::refusal($exception));

            return self::FAILURE;
        }
        $this->line(json_encode($plan, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }
}
