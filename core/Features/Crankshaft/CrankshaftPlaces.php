<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\CharacteristicRow;
use NorthLedger\Core\Inspection\CharacteristicRows;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;

/** The journals of a crankshaft, two stations by two axes each at the least; then what is read of the whole (JRNL-1, JRNL-6). */
final readonly class CrankshaftPlaces
{
    public const STATIONS = ['front', 'rear'];

    public const AXES = [0, 90];

    private const DERIVED = [Criterion::OutOfRound, Criterion::Taper, Criterion::OilClearance];

    private const MORE_STATIONS = ['front', 'middle', 'rear'];

    private const MORE_AXES = [0, 45, 90, 135];

    /** @return list<CharacteristicTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        $spec = $sheet->crankshaft;
        $mains = new CharacteristicRows(range(1, $spec->mains->count));
        $pins = new CharacteristicRows(range(1, $spec->rods->count));
        $supported = [1, $spec->mains->count];
        $runOut = array_map(
            static fn (int $main): ?Characteristic => in_array($main, $supported, true)
                ? null
                : Characteristic::needed(Place::at(JournalFeature::RunOut, $main)),
            range(1, $spec->mains->count),
        );

        return [
            new CharacteristicTable(
                new Message('places.table.mains'),
                $mains->columns(),
                [
                    ...self::grid($mains, JournalFeature::Main, CharacteristicRows::middle($spec->mains->diameter)),
                    $mains->needed('deepest_score', JournalFeature::MainScore),
                    new CharacteristicRow('', new Message('places.row.run_out'), $runOut),
                    $mains->optional('fillet', JournalFeature::MainFillet, '', CharacteristicRows::middle($spec->mains->fillet)),
                    $mains->optional('ra', JournalFeature::MainFinish),
                    $mains->optional('plastic_strip', JournalFeature::MainStrip),
                ],
                [],
                $mains->subjects('main'),
                self::DERIVED,
            ),
            new CharacteristicTable(
                new Message('places.table.pins'),
                $pins->columns(),
                [
                    ...self::grid($pins, JournalFeature::Pin, CharacteristicRows::middle($spec->rods->diameter)),
                    $pins->needed('deepest_score', JournalFeature::PinScore),
                    $pins->optional('fillet', JournalFeature::PinFillet, '', CharacteristicRows::middle($spec->rods->fillet)),
                    $pins->optional('ra', JournalFeature::PinFinish),
                    $pins->optional('plastic_strip', JournalFeature::PinStrip),
                ],
                [],
                $pins->subjects('pin'),
                self::DERIVED,
            ),
            new CharacteristicTable(
                new Message('places.table.crankshaft'),
                [new Message('places.row.snout_run_out'), new Message('places.row.end_play')],
                [
                    new CharacteristicRow('', new Message('places.row.reads'), [
                        Characteristic::needed(Place::at(JournalFeature::SnoutRunOut, 1)),
                        Characteristic::optional(Place::at(JournalFeature::EndPlay, 1)),
                    ]),
                ],
            ),
        ];
    }

    /** @return list<CharacteristicRow> */
    private static function grid(CharacteristicRows $journals, Feature $feature, ?Length $nominal): array
    {
        $rows = [];
        foreach (self::MORE_STATIONS as $station) {
            $group = $station;
            foreach (self::MORE_AXES as $axis) {
                $isNeeded = in_array($station, self::STATIONS, true) && in_array($axis, self::AXES, true);
                $rows[] = $isNeeded
                    ? $journals->needed((string) $axis, $feature, "{$station}.{$axis}", $nominal, $group)
                    : $journals->extra((string) $axis, $feature, "{$station}.{$axis}", $nominal, $group);
                $group = '';
            }
        }

        return $rows;
    }
}
