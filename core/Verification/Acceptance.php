<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;

/** Finished work of another shop, or new parts, held against the limits of new work, part by part (WORK-5). */
final class Acceptance
{
    /**
     * @param  array<string, list<OrderedCondition>>  $lacking  What was not so where it was read, by part
     * @return list<CheckedPart> Of the parts that came
     */
    public static function of(EngineInspection $inspection, SpecificationSheet $sheet, array $lacking): array
    {
        $ofBores = Section::Bores->partsOf($sheet)[0];
        $checked = [];
        foreach ($inspection->engine()->parts as $part) {
            if ($part->isHere) {
                $checked[] = new CheckedPart(
                    $part->part,
                    [...$part->findings, ...$part->part === $ofBores ? self::ofBores($inspection) : []],
                    $part->defects,
                    $lacking[$part->part->value] ?? [],
                );
            }
        }

        return $checked;
    }

    /** @return list<Finding> */
    private static function ofBores(EngineInspection $inspection): array
    {
        return array_merge(
            [],
            ...array_map(static fn (JudgedBore $bore): array => array_values($bore->findings), $inspection->bores()->bores),
        );
    }
}
