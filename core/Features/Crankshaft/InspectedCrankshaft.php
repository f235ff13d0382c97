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

    public function limits(): array
    {
        return [
            'main/size' => '/crankshaft/mains/diameter',
            'pin/size' => '/crankshaft/rods/diameter',
            'main/out_of_round' => '/crankshaft/out_of_round',
            'pin/out_of_round' => '/crankshaft/out_of_round',
            'main/taper' => '/crankshaft/taper',
            'pin/taper' => '/crankshaft/taper',
            'main/run_out' => '/crankshaft/runout/centre',
            'crankshaft/snout_run_out' => '/crankshaft/runout/snout',
            'main/fillet' => '/crankshaft/mains/fillet',
            'pin/fillet' => '/crankshaft/rods/fillet',
            'mains/undersize' => '/crankshaft/undersizes',
            'rods/undersize' => '/crankshaft/undersizes',
            'main/oil_clearance' => '/crankshaft/mains/oil_clearance',
            'pin/oil_clearance' => '/crankshaft/rods/oil_clearance',
            'crankshaft/end_play' => '/crankshaft/end_play',
        ];
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
