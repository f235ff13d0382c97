<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Spec\SpecificationSheet;

/** The main housings, their line, the parting face and the thrust (LINE). */
final class InspectedHousings implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Housings;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return HousingPlan::tables($sheet);
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): HousingJudge
    {
        return new HousingJudge($sheet, $policy);
    }
}
