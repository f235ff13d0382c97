<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Job;
use App\Shop\PolicyBook;
use App\Shop\SpecBook;

/** Opens job files. */
final readonly class JobFiles
{
    public function __construct(private SpecBook $specs, private PolicyBook $policies)
    {
    }

    public function open(Job $job): JobFile
    {
        return JobFile::open($job, $this->specs, $this->policies);
    }
}
