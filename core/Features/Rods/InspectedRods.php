<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Rods;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;

/** The connecting rods (ROD). */
final class InspectedRods implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Rods;
    }

    public function rank(): int
    {
        return 0;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return RodPlaces::tables($sheet);
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): RodJudge
    {
        return new RodJudge($sheet, $policy);
    }
}
