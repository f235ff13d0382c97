<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Storage\GaugeEvent;
use Illuminate\Contracts\Cache\Repository;

/**
 * What a page shows of a job is made once for what stands: the same entries, revisions, gauges and day always give the same
 * page. Whatever is written gives the job another head, and the page is made anew.
 */
final readonly class KeptPages
{
    private const KEPT_FOR_SECONDS = 86_400;

    public function __construct(private Repository $cache)
    {
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $page
     * @param  callable(JobFile): T  $make
     * @param  string  $besides  What else it follows from: another of it is another page
     * @return T
     */
    public function of(JobFile $file, string $page, callable $make, string $besides = ''): object
    {
        $key = "page.{$page}.{$file->job->id}.{$file->display->unit()->value}";
        $state = self::stateOf($file)."|{$besides}";
        $kept = $this->cache->get($key);
        if (is_array($kept) && ($kept['state'] ?? null) === $state && ($kept['page'] ?? null) instanceof $page) {
            return $kept['page'];
        }
        $made = $make($file);
        $this->cache->put($key, ['state' => $state, 'page' => $made], self::KEPT_FOR_SECONDS);

        return $made;
    }

    /** Everything that a page of a job follows from. */
    private static function stateOf(JobFile $file): string
    {
        return implode('|', [
            config('app.build'),
            $file->job->head_hash,
            $file->policy->revision,
            $file->sheet->family,
            $file->sheet->revision,
            GaugeEvent::query()->max('id') ?? 0,
            now()->format('Y-m-d'),
        ]);
    }
}
