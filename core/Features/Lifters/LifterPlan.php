<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Lifters;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\PlanRows;
use NorthLedger\Core\Inspection\PlanTable;

/** The lifters in their bores, hole by hole: by feel, and by gauge where the feel leaves a doubt (VALVE-4). */
final readonly class LifterPlan
{
    private const IN_A_TABLE = 8;

    /** @return list<PlanTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        if ($sheet->lifters === null) {
            return [];
        }
        $tables = [];
        foreach (array_chunk(range(1, $sheet->lifters->count), self::IN_A_TABLE) as $numbers) {
            $lifters = new PlanRows($numbers);
            $tables[] = new PlanTable('Lifters, dry and clean', $lifters->columns(), [
                $lifters->needed('by feel', LifterFeature::LifterFeel),
                $lifters->optional('bore at working depth', LifterFeature::LifterBore, '', PlanRows::middle($sheet->lifters->bore)),
                $lifters->optional('body', LifterFeature::Lifter, '', PlanRows::middle($sheet->lifters->body)),
            ], [], $lifters->subjects('Lifter'), [Criterion::Play]);
        }

        return $tables;
    }
}
