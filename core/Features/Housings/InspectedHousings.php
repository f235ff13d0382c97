<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Housings;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;

/** The main housings, their line, the parting face and the thrust (LINE). */
final class InspectedHousings implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Housings;
    }

    public function rank(): int
    {
        return 0;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return HousingPlaces::tables($sheet);
    }

    public function limits(): array
    {
        return [
            'housings/line_bore_step' => '/housings/line_bore_steps',
            'housing/size' => '/housings/diameter',
            'housing/out_of_round' => '/housings/out_of_round',
            'line/step_to_neighbour' => '/housings/step_to_neighbour',
            'line/step_overall' => '/housings/step_overall',
            'thrust/width' => '/housings/thrust/width',
        ];
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): HousingJudge
    {
        return new HousingJudge($sheet, $policy);
    }
}
