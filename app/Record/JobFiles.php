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

    /** @param  Job  $job  As its row stands now: what lists show of it is taken from there */
    public function open(Job $job): JobFile
    {
        return JobFile::open($job, $this->specs, $this->policies);
    }
}
