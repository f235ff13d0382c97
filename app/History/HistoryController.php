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

        $file = $files->open($job);
        $words = new HistoryWords($file);

        return view('history', [
            'file' => $file,
            'lines' => array_map(static fn (LedgerEntry $entry): HistoryLine => HistoryLine::of($entry, $words), $page->items()),
            'page' => $page,
            'complaint' => $chain->complaint($job),
        ]);
    }
}
