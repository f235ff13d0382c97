<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * A revision of a family's specification sheet that was made in this shop, or read in.
 *
 * @property string $family
 * @property int $revision
 * @property string $document
 * @property string $reason
 */
final class SpecificationRevision extends Entry
{
    protected $table = 'specification_revisions';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }
}
