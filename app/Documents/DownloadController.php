<?php

declare(strict_types=1);

namespace App\Documents;

use App\Http\Download;
use App\Storage\Job;
use Illuminate\Http\Response;

final class DownloadController
{
    public function csv(Job $job): Response
    {
        return Download::csv("{$job->tag()}-readings.csv", [
            ReadingExport::COLUMNS,
            ...array_map(array_values(...), ReadingExport::rows($job)),
        ]);
    }

    public function json(Job $job): Response
    {
        return Download::json("{$job->tag()}-readings.json", [
            'format' => 'north-ledger readings 1',
            'job' => $job->tag(),
            'family' => $job->family,
            'serial' => $job->serial,
            'readings' => ReadingExport::rows($job),
        ]);
    }
}
