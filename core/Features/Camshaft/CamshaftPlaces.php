<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Camshaft;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\CamshaftBoreSpec;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\CharacteristicRow;
use NorthLedger\Core\Inspection\CharacteristicRows;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Message;

/** The camshaft bores with their bearings out, each in two directions, and their line; nobody has to read them (LINE-1, LINE-2). */
final class CamshaftPlaces
{
    private const DIRECTIONS = ['0', '90'];

    /** @return list<CharacteristicTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        $spec = $sheet->camshaftBores;
        if ($spec === null) {
            return [];
        }
        $bores = new CharacteristicRows(self::numbers($spec));

        return [
            new CharacteristicTable(
                new Message('places.table.camshaft'),
                $bores->columns(),
                [
                    ...array_map(
                        static fn (string $spot): CharacteristicRow => new CharacteristicRow(
                            $spot === '0' ? new Message('places.row.bore') : '',
                            new Message('places.degrees', ['degrees' => $spot]),
                            array_map(
                                static fn (int $bore): Characteristic => Characteristic::optional(
                                    Place::at(CamshaftFeature::Bore, $bore, $spot),
                                    CharacteristicRows::middle($spec->diameter($bore)),
                                ),
                                self::numbers($spec),
                            ),
                        ),
                        self::DIRECTIONS,
                    ),
                    $bores->optional('offset', CamshaftFeature::Offset),
                ],
                [],
                $bores->subjects('cambore'),
                [Criterion::OutOfRound],
            ),
        ];
    }

    /** @return list<Place> Where one bore is read */
    public static function places(int $bore): array
    {
        return array_map(static fn (string $spot): Place => Place::at(CamshaftFeature::Bore, $bore, $spot), self::DIRECTIONS);
    }

    /** @return non-empty-list<int> From the front */
    public static function numbers(CamshaftBoreSpec $spec): array
    {
        return range(1, $spec->count());
    }
}
