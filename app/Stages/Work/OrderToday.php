<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\ShelfBook;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\DB;

/** How the order would be different if it were made today: kept until something is written that it can follow from. */
final readonly class OrderToday
{
    private const KEPT_FOR_SECONDS = 86_400;

    public function __construct(private Repository $cache)
    {
    }

    /** @return list<string> A sentence each */
    public function differences(JobFile $file): array
    {
        if ($file->work()->order() === null || $file->job->is_closed) {
            return [];
        }
        $key = "order-today.{$file->job->id}";
        $state = self::stateOf($file);
        $kept = $this->cache->get($key);
        if (is_array($kept) && ($kept['state'] ?? null) === $state) {
            return $kept['differences'];
        }
        $differences = $file->work()->orderDifferences();
        $this->cache->put($key, ['state' => $state, 'differences' => $differences], self::KEPT_FOR_SECONDS);

        return $differences;
    }

    /** What is said of an operation changes no order. */
    private static function stateOf(JobFile $file): string
    {
        $said = array_map(static fn (EntryKind $kind): string => $kind->value, EntryKind::ofWork());

        return implode('|', [
            config('app.build'),
            // The newest first: what is said of operations stands before it, and the index is walked backward.
            (int) DB::table('ledger_entries')
                ->where('job_id', $file->job->id)
                ->whereNotIn('kind', $said)
                ->orderByDesc('number')
                ->value('number'),
            $file->policy->revision,
            $file->sheet->family,
            $file->sheet->revision,
            ShelfBook::mark(),
            now()->format('Y-m-d'),
        ]);
    }
}
