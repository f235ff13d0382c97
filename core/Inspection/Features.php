<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Spec\SpecificationSheet;

/** Every folder of features beside the bores, in the order in which they stand on a sheet. */
final class Features
{
    /** @return list<InspectedFeatures> */
    public static function all(): array
    {
        return [
            new InspectedCrankshaft, new InspectedHousings, new InspectedRods, new InspectedFaces, new InspectedHeads, new InspectedLifters, new InspectedWeights, new InspectedVolumes,
        ];
    }

    /** @return list<InspectedFeatures> Those that stand on a sheet of an engine */
    public static function on(Section $section, SpecificationSheet $sheet): array
    {
        return array_values(array_filter(self::all(), static fn (InspectedFeatures $one): bool => $one->section($sheet) === $section));
    }

    /** Null where nothing on the sheet is judged. */
    public static function judge(Section $section, SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): ?Judge
    {
        return JudgeOfAll::of(array_values(array_filter(array_map(static fn (InspectedFeatures $one): ?Judge => $one->judge($sheet, $policy, $measured), self::on($section, $sheet)))));
    }
}
