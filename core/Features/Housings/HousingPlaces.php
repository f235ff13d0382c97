<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Housings;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\HousingSpec;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Engine\Specification\ThrustSpec;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\CharacteristicRow;
use NorthLedger\Core\Inspection\CharacteristicRows;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Message;

/** The main housings at four clock positions, clear of oil holes and dowels; the parting face and the thrust (LINE-1 to LINE-4). */
final readonly class HousingPlaces
{
    private const CLOCK = [0, 45, 90, 135];

    /** How far a diameter is turned off a no-go. */
    private const TURNED = 20;

    private const THRUST_SPOTS = ['0', '90', '180', '270'];

    /** @return list<CharacteristicTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        $spec = $sheet->housings;
        $numbers = range(1, $spec->count);
        $housings = new CharacteristicRows($numbers);
        $nominal = CharacteristicRows::middle($spec->diameter);
        $rows = [];
        foreach (self::CLOCK as $index => $degrees) {
            $rows[] = new CharacteristicRow(
                $index === 0 ? new Message('places.row.bore') : '',
                self::clockLabel($spec, $numbers, $degrees),
                array_map(
                    static fn (int $housing): Characteristic => Characteristic::needed(
                        Place::at(HousingFeature::Housing, $housing, (string) self::clear($spec, $housing, $degrees)),
                        $nominal,
                    ),
                    $numbers,
                ),
            );
        }
        $rows[] = $housings->needed('imprint', HousingFeature::Imprint);
        $rows[] = $housings->needed('offset', HousingFeature::Offset);
        if ($spec->partingGap !== null) {
            $rows[] = $housings->needed('parting_feeler', HousingFeature::PartingGap);
        }

        return [
            new CharacteristicTable(
                new Message('places.table.housings'),
                $housings->columns(),
                $rows,
                [],
                $housings->subjects('housing'),
                [Criterion::OutOfRound],
            ),
            ...$spec->thrust === null ? [] : [self::thrust($spec->thrust)],
        ];
    }

    private static function thrust(ThrustSpec $spec): CharacteristicTable
    {
        $nominal = CharacteristicRows::middle($spec->width);

        return new CharacteristicTable(
            new Message('places.subject.thrust', ['number' => $spec->housing]),
            [
                ...array_map(static fn (string $spot): Message => new Message('places.degrees', ['degrees' => $spot]), self::THRUST_SPOTS),
                new Message('places.row.face'),
            ],
            [
                new CharacteristicRow('', new Message('places.row.polished_band'), [
                    ...array_map(
                        static fn (string $spot): Characteristic => Characteristic::needed(
                            Place::at(HousingFeature::ThrustWidth, $spec->housing, $spot),
                            $nominal,
                        ),
                        self::THRUST_SPOTS,
                    ),
                    Characteristic::needed(Place::at(HousingFeature::ThrustFace, $spec->housing)),
                ]),
            ],
        );
    }

    /** @return list<Place> Where the bore of a housing is read */
    public static function bore(HousingSpec $spec, int $housing): array
    {
        return array_map(
            static fn (int $degrees): Place => Place::at(HousingFeature::Housing, $housing, (string) $degrees),
            self::directions($spec, $housing),
        );
    }

    /** @return list<int> The directions in which a housing is measured */
    public static function directions(HousingSpec $spec, int $housing): array
    {
        return array_map(static fn (int $degrees): int => self::clear($spec, $housing, $degrees), self::CLOCK);
    }

    /**
     * Where the row is really read: housings that keep clear of an oil hole turn off it.
     *
     * @param  list<int>  $housings
     */
    private static function clockLabel(HousingSpec $spec, array $housings, int $degrees): Message
    {
        $read = array_values(array_unique(array_map(static fn (int $housing): int => self::clear($spec, $housing, $degrees), $housings)));
        sort($read);

        return isset($read[1])
            ? new Message('places.degrees_or', ['one' => $read[0], 'other' => $read[1]])
            : new Message('places.degrees', ['degrees' => $read[0] ?? $degrees]);
    }

    private static function clear(HousingSpec $spec, int $housing, int $degrees): int
    {
        foreach ($spec->noGo as $noGo) {
            if ($noGo->housing === $housing && $noGo->liesOn($degrees)) {
                return $degrees + self::TURNED;
            }
        }

        return $degrees;
    }
}
