<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\SpecBook;

/** The revision that a request asks for: the newest where it asks for none; not found where there is no such. */
final class AskedRevision
{
    public static function of(SpecBook $specs, string $family, mixed $wanted = null): int
    {
        abort_unless($specs->has($family), 404);
        $revision = is_numeric($wanted) ? (int) $wanted : $specs->newestRevision($family);
        abort_unless(in_array($revision, $specs->revisions($family), true), 404);

        return $revision;
    }
}
