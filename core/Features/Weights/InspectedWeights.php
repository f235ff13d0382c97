<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;

/** What goes on the scale beside the rods: matched, not judged (BAL). */
final class InspectedWeights implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Weights;
    }

    public function rank(): int
    {
        return 0;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return WeightPlaces::tables($sheet);
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
