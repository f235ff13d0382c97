<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Job;
use App\Storage\SpecBook;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** What one engine is judged by: the book of its family, what is its own, and the shop's own limits where neither says anything. */
final class JobSheet
{
    public static function of(Job $job, SpecBook $specs, ShopPolicy $policy): SpecificationSheet
    {
        if (! $job->has_own_values && $policy->houseLimits->areNone()) {
            return $specs->sheet($job->family, $job->family_revision);
        }
        $book = $specs->decoded($job->family, $job->family_revision);

        return $specs->sheetOf(self::document($book, $job->has_own_values ? OwnValues::ofJob($job->id) : OwnValues::of([]), $policy));
    }

    /**
     * @param  array<mixed>  $book  The family's sheet
     * @return array<mixed>
     */
    public static function document(array $book, OwnValues $own, ShopPolicy $policy): array
    {
        return $policy->houseLimits->filled($own->applied($book));
    }
}
