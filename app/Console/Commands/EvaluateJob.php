<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PackageFile;
use App\Package\PackageRefused;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

final class EvaluateJob extends Command
{
    protected $signature = 'ledger:evaluate {file : a package written by ledger:export; - for standard input}';

    protected $description = 'Judge a job from its package alone, without a database, and write the evaluation as JSON';

    public function handle(): int
    {
        try {
            $evaluation = PackageFile::read((string) $this->argument('file'))->evaluate()->toArray();
        } catch (PackageRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->output->write(
            json_encode($evaluation, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n",
            false,
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }
}
