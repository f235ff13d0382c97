<?php

declare(strict_types=1);

namespace App\Documents;

use App\Storage\Job;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class DownloadController
{
    public function csv(Job $job): StreamedResponse
    {
        return response()->streamDownload(
            static function () use ($job): void {
                $out = fopen('php://output', 'w');
                if ($out === false) {
                    return;
                }
                fputcsv($out, ReadingExport::COLUMNS, escape: '');
                foreach (ReadingExport::rows($job) as $row) {
                    fputcsv($out, array_map(ReadingExport::csvCell(...), $row), escape: '');
                }
                fclose($out);
            },
            "{$job->tag()}-readings.csv",
            ['Content-Type' => 'text/csv; charset=utf-8'],
        );
    }

    public function json(Job $job): JsonResponse
    {
        return new JsonResponse(
            [
                'format' => 'north-ledger readings 1',
                'job' => $job->tag(),
                'family' => $job->family,
                'serial' => $job->serial,
                'readings' => ReadingExport::rows($job),
            ],
            headers: ['Content-Disposition' => "attachment; filename=\"{$job->tag()}-readings.json\""],
            options: JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
