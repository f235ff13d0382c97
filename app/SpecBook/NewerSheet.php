<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\Job;
use App\Storage\SpecBook;

/** A revision of the sheet that stands in the book and that an engine is not judged by yet. */
final readonly class NewerSheet
{
    /** @param  list<SheetDifference>  $differences */
    private function __construct(public int $revision, public array $differences)
    {
    }

    /** Null where it is judged by the newest, or signed already. */
    public static function of(Job $job, SpecBook $specs): ?self
    {
        $newest = $specs->newestRevision($job->family);

        return $job->is_closed || $newest <= $job->family_revision
            ? null
            : new self(
                $newest,
                SheetDifference::between($specs->decoded($job->family, $job->family_revision), $specs->decoded($job->family, $newest)),
            );
    }
}
