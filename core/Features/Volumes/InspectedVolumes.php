<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Volumes;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;

/** Chambers and crowns: computed with, not judged (COMP). */
final class InspectedVolumes implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Volumes;
    }

    public function rank(): int
    {
        return 0;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return VolumePlaces::tables($sheet);
    }

    public function limits(): array
    {
        return [];
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): null
    {
        return null;
    }
}
