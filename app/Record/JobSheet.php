<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Job;
use App\Storage\SpecBook;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Receiving\Purpose;

/** What one engine is judged by: the book of its family, what is its own, and the shop's own limits where neither says anything. */
final class JobSheet
{
    public static function of(Job $job, SpecBook $specs, ShopPolicy $policy): SpecificationSheet
    {
        if (! $job->has_own_values && $policy->houseLimits->areNone() && ! $job->isCheck()) {
            return $specs->sheet($job->family, $job->family_revision);
        }
        $book = $specs->decoded($job->family, $job->family_revision);
        $own = $job->has_own_values ? OwnValues::ofJob($job->id) : OwnValues::of([]);

        return $specs->sheetOf(self::document($book, $own, $policy, $job->purpose));
    }

    /**
     * @param  array<mixed>  $book  The family's sheet
     * @return array<mixed>
     */
    public static function document(array $book, OwnValues $own, ShopPolicy $policy, Purpose $purpose): array
    {
        $document = $policy->houseLimits->filled($own->applied($book));

        return $purpose === Purpose::Check ? self::ofNewWork($document) : $document;
    }

    /**
     * Work that is only checked was just done: no wear is allowed in it.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    private static function ofNewWork(array $document): array
    {
        $bore = is_array($document['bore'] ?? null) ? $document['bore'] : [];
        $document['bore'] = ['service' => $bore['finished'] ?? []] + $bore;

        return $document;
    }
}
