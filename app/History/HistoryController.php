<?php

declare(strict_types=1);

namespace App\History;

use App\Ledger\ChainCheck;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use Illuminate\Contracts\View\View;

final class HistoryController
{
    private const LINES = 60;

    public function show(Job $job, JobFiles $files, ChainCheck $chain): View
    {
        $page = LedgerEntry::query()->with('user')->where('job_id', $job->id)->orderByDesc('number')->simplePaginate(self::LINES);

        return view('history', [
            'file' => $files->open($job),
            'lines' => array_map(HistoryLine::of(...), $page->items()),
            'page' => $page,
            'complaint' => $chain->complaint($job),
        ]);
    }
}
