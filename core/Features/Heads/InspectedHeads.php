<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Heads;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;

/** Guides, valves and seats (VALVE-1 to VALVE-3). */
final class InspectedHeads implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): Section
    {
        return Section::Heads;
    }

    public function rank(): int
    {
        return 0;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return ValvePlaces::tables($sheet);
    }

    public function limits(): array
    {
        return [
            'valve.in/guide_height' => '/valves/intake/guide_height',
            'valve.in/stem_clearance' => '/valves/intake/stem_clearance',
            'valve.in/seat_width' => '/valves/intake/seat_width',
            'valve.in/seat_run_out' => '/valves/intake/seat_runout',
            'valve.ex/guide_height' => '/valves/exhaust/guide_height',
            'valve.ex/stem_clearance' => '/valves/exhaust/stem_clearance',
            'valve.ex/seat_width' => '/valves/exhaust/seat_width',
            'valve.ex/seat_run_out' => '/valves/exhaust/seat_runout',
        ];
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): HeadJudge
    {
        return new HeadJudge($sheet, $policy);
    }
}
