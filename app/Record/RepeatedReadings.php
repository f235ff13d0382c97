<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\KeyedReading;
use App\Storage\StatedSetup;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading as CoreReading;

/** Makes one reading of the repeats that count at a place: with its zero, its side, its gauge and its temperatures (GAUGE-2, GAUGE-7). */
final class RepeatedReadings
{
    /** @var array<string, array{?Length, int, Instrument, Temperatures}> What readings of a feature count from, by setup and feature */
    private array $origins = [];

    public function __construct(private readonly SheetGauges $gauges)
    {
    }

    /** @param  non-empty-list<KeyedReading>  $rows  That count at the place */
    public function reading(Place $place, array $rows, SpecificationSheet $sheet, ShopPolicy $policy): CoreReading
    {
        $id = (int) $rows[0]->setupId;
        [$zero, $side, $instrument, $temperatures] = $this->origins["{$id} {$place->feature->code()}"] ??= $this->origin(
            $place,
            $this->gauges->setups[$id],
            $sheet,
            $policy,
        );
        $from = $zero->nanometres ?? 0;
        $lengths = [];
        foreach ($rows as $row) {
            $lengths[] = Length::ofNanometres(((int) $row->nanometres + $from) * $side);
        }
        $read = [$place, $lengths, $instrument, $temperatures, (string) $id];

        return $zero === null ? CoreReading::unsized(...$read) : CoreReading::of(...$read);
    }

    /**
     * @return array{?Length, int, Instrument,
     *     Temperatures} The zero on the part (null: its size is not known), the side, the gauge, the temperatures
     */
    private function origin(Place $place, StatedSetup $setup, SpecificationSheet $sheet, ShopPolicy $policy): array
    {
        return [
            $setup->isZeroedOnThePart() ? $this->gauges->zero($setup) : Length::zero(),
            self::side($place, $setup),
            $this->gauges->instrument($setup),
            Temperatures::of(
                $policy->expansionOf($place->feature->material($sheet)),
                $policy->expansionOf(Material::Steel),
                $setup->conditions->partCelsius,
                $setup->conditions->masterCelsius,
            ),
        ];
    }

    /** What is measured down from a straightedge or a cutter is low where much is read; an indicator rises with the face (DECK-1). */
    private static function side(Place $place, StatedSetup $setup): int
    {
        return in_array($place->feature, [FaceFeature::DeckPoint, FaceFeature::HeadPoint], true) && $setup->instrument->showsSizes()
            ? -1
            : 1;
    }

    /**
     * What stands at a place that belongs to no stated gauge.
     *
     * @param  list<KeyedReading>  $rows
     */
    public static function length(array $rows): ?Length
    {
        $lengths = array_map(static fn (KeyedReading $row): int => (int) $row->nanometres, $rows);

        return $lengths === [] ? null : Length::ofNanometres(Length::divideRounded(array_sum($lengths), count($lengths)));
    }

    /**
     * Of a mass, a finish or a volume.
     *
     * @param  list<KeyedReading>  $rows
     */
    public static function mean(Place $place, array $rows): int|float
    {
        return $place->feature->measurand() === Measurand::Volume
            ? array_sum(array_map(static fn (KeyedReading $row): float => (float) $row->cubicMillimetres, $rows)) / max(1, count($rows))
            : Length::divideRounded(
                array_sum(array_map(static fn (KeyedReading $row): int => (int) ($row->micrograms ?? $row->nanometres), $rows)),
                max(1, count($rows)),
            );
    }
}
