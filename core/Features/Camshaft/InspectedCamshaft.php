<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Camshaft;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;

/** The camshaft's bearing bores, on the sheet of the block's other housings (LINE). */
final class InspectedCamshaft implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): ?Section
    {
        return $sheet->camshaftBores === null ? null : Section::Housings;
    }

    public function rank(): int
    {
        return 2;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return CamshaftPlaces::tables($sheet);
    }

    public function limits(): array
    {
        return [];
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): ?CamshaftJudge
    {
        return $sheet->camshaftBores === null ? null : new CamshaftJudge($sheet->camshaftBores, $policy);
    }
}
