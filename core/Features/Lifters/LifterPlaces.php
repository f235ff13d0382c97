<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Lifters;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\CharacteristicRows;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Message;

/** The lifters in their bores, hole by hole: by feel, and by gauge where the feel leaves a doubt (VALVE-4). */
final readonly class LifterPlaces
{
    private const IN_A_TABLE = 8;

    /** @return list<CharacteristicTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        if ($sheet->lifters === null) {
            return [];
        }
        $tables = [];
        foreach (array_chunk(range(1, $sheet->lifters->count), self::IN_A_TABLE) as $numbers) {
            $lifters = new CharacteristicRows($numbers);
            $tables[] = new CharacteristicTable(
                new Message('places.table.lifters'),
                $lifters->columns(),
                [
                    $lifters->needed('by_feel', LifterFeature::LifterFeel),
                    $lifters->optional(
                        'working_bore',
                        LifterFeature::LifterBore,
                        '',
                        CharacteristicRows::middle($sheet->lifters->bore),
                    ),
                    $lifters->optional('body', LifterFeature::Lifter, '', CharacteristicRows::middle($sheet->lifters->body)),
                ],
                [],
                $lifters->subjects('lifter'),
                [Criterion::Play],
            );
        }

        return $tables;
    }
}
