<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Job;
use App\Storage\PolicyBook;
use App\Storage\SpecBook;

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
