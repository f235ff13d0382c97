<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Package\JobPackage;
use App\Photos\PhotoStore;
use App\Storage\Job;
use App\Storage\PolicyBook;
use App\Storage\SpecBook;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

final class ExportJob extends Command
{
    protected $signature = 'ledger:export {tag : the job’s tag, like NL-0404}';

    protected $description = 'Write a job with everything its verdict follows from, as JSON, for ledger:evaluate and other programs';

    public function handle(SpecBook $specs, PolicyBook $policies, PhotoStore $photos): int
    {
        $number = Job::numberOf((string) $this->argument('tag'));
        $package = $number === null ? null : JobPackage::of($number, $specs, $policies, $photos);
        if ($package === null) {
            $this->error("There is no job {$this->argument('tag')}.");

            return self::FAILURE;
        }
        $this->output->write($package->toJson()."\n", false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
