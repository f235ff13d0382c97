<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Crankshaft\InspectedCrankshaft;
use NorthLedger\Core\Features\Faces\InspectedFaces;
use NorthLedger\Core\Features\Heads\InspectedHeads;
use NorthLedger\Core\Features\Housings\InspectedHousings;
use NorthLedger\Core\Features\Lifters\InspectedLifters;
use NorthLedger\Core\Features\Rods\InspectedRods;
use NorthLedger\Core\Features\Volumes\InspectedVolumes;
use NorthLedger\Core\Features\Weights\InspectedWeights;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\JudgeOfAll;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;

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
