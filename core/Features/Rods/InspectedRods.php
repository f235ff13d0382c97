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

    public function limits(): array
    {
        return [
            'rod/big_end' => '/rods/big_end',
            'rod/big_end_out_of_round' => '/rods/out_of_round',
            'rod/big_end_taper' => '/rods/taper',
            'rod/small_end' => '/rods/small_end',
            'rod/centre_distance' => '/rods/centre_distance',
            'rod/bend' => '/rods/bend',
            'rod/twist' => '/rods/twist',
            'rods/weight_spread' => '/rods/spread_ug',
        ];
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): RodJudge
    {
        return new RodJudge($sheet, $policy);
    }
}
