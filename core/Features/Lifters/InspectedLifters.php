<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Lifters;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;

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

    public function rank(): int
    {
        return 1;
    }

    public function tables(SpecificationSheet $sheet): array
    {
        return LifterPlaces::tables($sheet);
    }

    public function limits(): array
    {
        return [];
    }

    public function judge(SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): LifterJudge
    {
        return new LifterJudge($sheet, $policy);
    }
}
