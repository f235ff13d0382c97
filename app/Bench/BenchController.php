<?php

declare(strict_types=1);

namespace App\Bench;

use App\Backup\LastBackup;
use App\Load\PlanOfShop;
use App\People\Ability;
use App\Storage\Job;
use App\Storage\Recall;
use App\Storage\SpecBook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Pagination\Cursor;
use Throwable;

final class BenchController
{
    private const ROWS = 40;

    /** Open jobs, those due first on top; the index keeps this as fast with 50 000 jobs as with fifty. */
    public function index(Request $request, SpecBook $specs, PlanOfShop $shop): View
    {
        $showsClosed = $request->query('show') === 'released';
        $page = Job::query()
            ->with('customer')
            ->where('is_closed', $showsClosed)
            ->orderBy('due_on')
            ->orderBy('id')
            ->cursorPaginate(self::ROWS, cursor: self::cursor($request))
            ->withQueryString();

        return view('bench', [
            'rows' => BenchRow::all($page->items(), $specs, $showsClosed ? [] : $shop->readyTimes()),
            'page' => $page,
            'search' => '',
            'showsClosed' => $showsClosed,
            'gaugesDue' => GaugesDue::today(),
            'recalls' => Recall::open(),
            'backup' => $request->user()?->can(Ability::RunShop->value) === true ? self::backupWords() : '',
        ]);
    }

    /** Where the page before ended; an address that somebody made up is none. */
    private static function cursor(Request $request): ?Cursor
    {
        $text = (string) $request->query('cursor', '');
        if ($text === '') {
            return null;
        }
        try {
            $cursor = Cursor::fromEncoded($text);
            $ends = $cursor?->parameters(['due_on', 'id']) ?? [];
        } catch (Throwable) {
            $ends = [];
        }
        abort_unless($ends !== [] && array_filter($ends, is_scalar(...)) === $ends, 404);

        return $cursor ?? null;
    }

    /** What the owner has to know of the backups; empty where all is well. */
    private static function backupWords(): string
    {
        $last = LastBackup::known();

        return match (true) {
            $last === null => __('backup.bench.none'),
            $last->isOld() => __('backup.bench.old', ['at' => $last->at->format('j F Y')]),
            default => '',
        };
    }

    public function find(Request $request, JobFinder $finder, SpecBook $specs): View|RedirectResponse
    {
        $text = mb_substr(trim((string) $request->query('q', '')), 0, 60);
        if ($text === '') {
            return redirect()->route('bench');
        }
        $page = $finder
            ->matching($text)
            ->with('customer')
            ->orderBy('is_closed')
            ->orderBy('due_on')
            ->orderBy('id')
            ->simplePaginate(self::ROWS)
            ->withQueryString();
        $customers = $finder->customers($text);
        if ($page->items() === [] && count($customers) === 1) {
            return redirect()->route('customers.show', $customers[0]);
        }
        if (count($page->items()) === 1 && $page->currentPage() === 1) {
            return redirect()->route('jobs.show', $page->items()[0]);
        }

        return view('bench', [
            'rows' => BenchRow::all($page->items(), $specs),
            'page' => $page,
            'search' => $text,
            'customers' => $customers,
            'showsClosed' => false,
            'gaugesDue' => GaugesDue::today(),
        ]);
    }
}
