<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;

/** The crankshaft, journal by journal and as a whole (JRNL). */
final class InspectedCrankshaft implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Crankshaft;
    }

    public function rank(): int
    {
        return 0;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return CrankshaftPlaces::tables($sheet);
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): CrankshaftJudge
    {
        return new CrankshaftJudge(
            $sheet,
            $policy,
            $measured->measurements(Section::Housings)->plus($measured->measurements(Section::Rods)),
        );
    }
}
