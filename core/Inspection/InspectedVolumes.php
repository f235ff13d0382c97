<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Spec\SpecificationSheet;

/** Chambers and crowns: computed with, not judged (COMP). */
final class InspectedVolumes implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Volumes;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return VolumePlan::tables($sheet);
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): null
    {
        return null;
    }
}
