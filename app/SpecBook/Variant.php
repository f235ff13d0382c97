<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\SpecBook;

/** A sheet that takes everything from another family's that it does not say itself. */
final readonly class Variant
{
    /**
     * @param  int  $revision  Of the base, that it rests on
     * @param  list<SheetDifference>  $differences  From the base
     * @param  list<SheetDifference>  $since  What the base has changed since; none where it rests on the newest
     */
    private function __construct(
        public string $base,
        public string $name,
        public int $revision,
        public int $newest,
        public array $differences,
        public array $since,
    ) {
    }

    /**
     * Null where the sheet stands by itself.
     *
     * @param  array<mixed>  $document  Whole
     */
    public static function of(array $document, SpecBook $specs): ?self
    {
        $of = $document['variant_of'] ?? null;
        if (! is_array($of)) {
            return null;
        }
        [$family, $revision] = [(string) $of['family'], (int) $of['revision']];
        $newest = $specs->newestRevision($family);
        $base = $specs->decoded($family, $revision);

        return new self(
            $family,
            $specs->name($family, $newest),
            $revision,
            $newest,
            SheetDifference::between($base, $document),
            $newest === $revision ? [] : SheetDifference::between($base, $specs->decoded($family, $newest)),
        );
    }
}
