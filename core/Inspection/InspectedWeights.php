<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Spec\SpecificationSheet;

/** What goes on the scale beside the rods: matched, not judged (BAL). */
final class InspectedWeights implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Weights;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return WeightPlan::tables($sheet);
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): null
    {
        return null;
    }
}
