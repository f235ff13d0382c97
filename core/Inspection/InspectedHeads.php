<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Spec\SpecificationSheet;

/** Guides, valves and seats (VALVE-1 to VALVE-3). */
final class InspectedHeads implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Heads;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return HeadPlan::tables($sheet);
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): HeadJudge
    {
        return new HeadJudge($sheet, $policy);
    }
}
