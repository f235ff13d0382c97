<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Spec\SpecificationSheet;

/** The connecting rods (ROD). */
final class InspectedRods implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Rods;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return RodPlan::tables($sheet);
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): RodJudge
    {
        return new RodJudge($sheet, $policy);
    }
}
