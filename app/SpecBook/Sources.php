<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Words\Line;
use NorthLedger\Core\Engine\Specification\SourceKind;
use NorthLedger\Core\Engine\Specification\ValueSource;

/** Where the values of a sheet come from, as they stand in its document and as they are said. */
final class Sources
{
    /**
     * The document with a source for some of its values; what was said of them before no longer holds.
     *
     * @param  array<mixed>  $document
     * @param  list<string>  $pointers
     * @return array<mixed>
     */
    public static function put(array $document, array $pointers, SourceKind $kind, string $words): array
    {
        $sources = is_array($document['sources'] ?? null) ? $document['sources'] : [];
        foreach ($pointers as $pointer) {
            $sources[$pointer] = ['kind' => $kind->value, 'words' => $words];
        }

        return $sources === [] ? $document : ['sources' => $sources] + $document;
    }

    /**
     * Every part of a sheet that is taken from another family's.
     *
     * @param  array<mixed>  $document
     * @return list<string>
     */
    public static function parts(array $document): array
    {
        $parts = array_filter(array_keys($document), static fn (int|string $key): bool => is_array($document[$key]) && $key !== 'sources');

        return array_map(static fn (int|string $part): string => "/{$part}", array_values($parts));
    }

    /** “Manual: third edition, page 12”; nothing where nobody has said. */
    public static function words(?ValueSource $source): string
    {
        if ($source === null) {
            return '';
        }
        $kind = Line::ofCode('spec.source', $source->kind);

        return $source->words === '' ? $kind : Line::of('spec.source_with_words', ['kind' => $kind, 'words' => $source->words]);
    }
}
