<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Volumes;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\PlanRows;
use NorthLedger\Core\Inspection\PlanTable;

/** What the burette says of each chamber and each crown (COMP-1). */
final readonly class VolumePlan
{
    /** @return list<PlanTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        $cylinders = new PlanRows($sheet->layout->cylinders());

        return [new PlanTable('Volumes, in cc', $cylinders->columns(), [
            $cylinders->needed('chamber', VolumeFeature::Chamber),
            $cylinders->optional('crown, dome +', VolumeFeature::Crown),
        ])];
    }
}
