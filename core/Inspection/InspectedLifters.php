<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Spec\EnginePart;
use NorthLedger\Core\Spec\SpecificationSheet;

/** The lifters in their bores, on the sheet of the part that holds them (VALVE-4). */
final class InspectedLifters implements InspectedFeatures
{
    public function section(SpecificationSheet $sheet): ?Section
    {
        return match (true) {
            $sheet->lifters === null => null,
            $sheet->lifterPart() === EnginePart::Head => Section::Heads,
            default => Section::Housings,
        };
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return LifterPlan::tables($sheet);
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): LifterJudge
    {
        return new LifterJudge($sheet, $policy);
    }
}
