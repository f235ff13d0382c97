<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Installed;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\JudgeOfAll;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;

/**
 * Every folder of features beside the bores. A folder is found by its name, so that it can be added without being listed:
 * what it says of itself is the file `core/Features/<Folder>/Inspected<Folder>.php`.
 */
final class Features
{
    /** @return list<InspectedFeatures> In the order in which they stand on a sheet */
    public static function all(): array
    {
        /** @var list<InspectedFeatures> $all A function of the code that is installed, and of nothing else */
        static $all = [];
        if ($all === []) {
            foreach (Installed::classes('Features/*/Inspected*.php', InspectedFeatures::class) as $class) {
                $all[] = new $class();
            }
            usort($all, static fn (InspectedFeatures $a, InspectedFeatures $b): int => $a->rank() <=> $b->rank());
        }

        return $all;
    }

    /** @return list<InspectedFeatures> Those that stand on a sheet of an engine */
    public static function on(Section $section, SpecificationSheet $sheet): array
    {
        return array_values(array_filter(self::all(), static fn (InspectedFeatures $one): bool => $one->section($sheet) === $section));
    }

    /** Null where nothing on the sheet is judged. */
    public static function judge(Section $section, SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): ?Judge
    {
        return JudgeOfAll::of(
            array_values(
                array_filter(
                    array_map(
                        static fn (InspectedFeatures $one): ?Judge => $one->judge($sheet, $policy, $measured),
                        self::on($section, $sheet),
                    ),
                ),
            ),
        );
    }
}
