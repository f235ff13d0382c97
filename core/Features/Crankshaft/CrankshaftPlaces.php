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
                'Mains',
                $mains->columns(),
                [
                    ...self::grid($mains, JournalFeature::Main, CharacteristicRows::middle($spec->mains->diameter)),
                    $mains->needed('deepest score', JournalFeature::MainScore),
                    new CharacteristicRow('', 'run-out', $runOut),
                    $mains->optional('fillet', JournalFeature::MainFillet, '', CharacteristicRows::middle($spec->mains->fillet)),
                    $mains->optional('Ra', JournalFeature::MainFinish),
                    $mains->optional('plastic strip', JournalFeature::MainStrip),
                ],
                [],
                $mains->subjects('main'),
                self::DERIVED,
            ),
            new CharacteristicTable(
                'Rod journals',
                $pins->columns(),
                [
                    ...self::grid($pins, JournalFeature::Pin, CharacteristicRows::middle($spec->rods->diameter)),
                    $pins->needed('deepest score', JournalFeature::PinScore),
                    $pins->optional('fillet', JournalFeature::PinFillet, '', CharacteristicRows::middle($spec->rods->fillet)),
                    $pins->optional('Ra', JournalFeature::PinFinish),
                    $pins->optional('plastic strip', JournalFeature::PinStrip),
                ],
                [],
                $pins->subjects('pin'),
                self::DERIVED,
            ),
            new CharacteristicTable(
                'The whole',
                ['run-out, snout', 'end play'],
                [
                    new CharacteristicRow('', 'reads', [
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
            $group = ucfirst($station);
            foreach (self::MORE_AXES as $axis) {
                $isNeeded = in_array($station, self::STATIONS, true) && in_array($axis, self::AXES, true);
                $rows[] = $isNeeded
                    ? $journals->needed("{$axis}°", $feature, "{$station}.{$axis}", $nominal, $group)
                    : $journals->extra("{$axis}°", $feature, "{$station}.{$axis}", $nominal, $group);
                $group = '';
            }
        }

        return $rows;
    }
}
