<?php

declare(strict_types=1);

namespace App\Storage;

use DateTimeImmutable;
use DateTimeZone;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureCodes;
use NorthLedger\Core\Gauging\GaugeRange;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Scale;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\ReadingUnit;
use NorthLedger\Core\Quantity\ShopNotation;
use NorthLedger\Core\Record\Conditions;

/** A gauge bound to its zero, and the conditions under which it is used (GAUGE-2, GAUGE-4). */
final readonly class StatedSetup
{
    public const COLUMNS =
        'id, ulid, sheet, feature, instrument, reading_unit, zero_nm, caps_torqued, torque_plate, cooled, clean, part_celsius, '.
        'master_celsius, created_at, gauge_tag, master_tag, resolution_nm, calibration_nm, repeatability_nm, range_least_nm, '.
        'range_most_nm, calibration_due, zero_place, zero_with, scale_resolution_ug, scale_calibration_ug, scale_repeatability_ug, '.
        'scale_most_ug, fitness';

    /**
     * @param  ?ReadingUnit  $readingUnit  Null where the gauge shows sizes
     * @param  ?Length  $knownZero  Null where the gauge shows sizes, or was zeroed on the part
     * @param  ?string  $zeroPlace  Where on the part it was zeroed
     * @param  ?string  $fitness  How it was tried when it was stated; null for a setup from before that was kept
     * @param  ?Scale  $scale  Null where the gauge reads lengths
     * @param  ?InstrumentKind  $zeroWith  What it was set to its size with; null for a ring, a fixture or a master
     */
    private function __construct(
        public int $id,
        public string $ulid,
        public SheetName $sheet,
        public Feature $feature,
        public InstrumentKind $instrument,
        public ?ReadingUnit $readingUnit,
        public ?Length $knownZero,
        public ?string $zeroPlace,
        public ?InstrumentKind $zeroWith,
        public Conditions $conditions,
        public Instrument $gauge,
        public GaugeRange $range,
        public ?string $gaugeTag,
        public ?string $masterTag,
        public DateTimeImmutable $statedAt,
        private ?DateTimeImmutable $calibrationDue,
        public ?Scale $scale,
        public ?string $fitness,
    ) {
    }

    /** From a row of the table, or of an exported job. What the gauge was worth stands in it; of a kind only, that kind's book values. */
    public static function ofRow(\stdClass $row): self
    {
        $zone = new DateTimeZone('UTC');
        $kind = InstrumentKind::from($row->instrument);

        return new self(
            $row->id,
            $row->ulid,
            SheetName::from($row->sheet),
            FeatureCodes::of($row->feature),
            $kind,
            $row->reading_unit === null ? null : ReadingUnit::from($row->reading_unit),
            $row->zero_nm === null ? null : Length::ofNanometres($row->zero_nm),
            $row->zero_place,
            isset($row->zero_with) ? InstrumentKind::from($row->zero_with) : null,
            new Conditions(
                (bool) $row->caps_torqued,
                (bool) $row->torque_plate,
                (bool) $row->cooled,
                (bool) $row->clean,
                self::celsius($row->part_celsius),
                self::celsius($row->master_celsius),
            ),
            $row->resolution_nm === null
                ? Instrument::ofKind($kind)
                : Instrument::of(
                    Length::ofNanometres($row->resolution_nm),
                    Length::ofNanometres((int) $row->calibration_nm),
                    Length::ofNanometres((int) $row->repeatability_nm),
                ),
            $row->range_least_nm === null || $row->range_most_nm === null || $kind->weighs()
                ? $kind->range()
                : GaugeRange::ofNanometres($row->range_least_nm, $row->range_most_nm),
            $row->gauge_tag,
            $row->master_tag,
            new DateTimeImmutable($row->created_at, $zone),
            $row->calibration_due === null ? null : new DateTimeImmutable($row->calibration_due, $zone),
            isset($row->scale_resolution_ug)
                ? Scale::ofMicrograms(
                    $row->scale_resolution_ug,
                    (int) $row->scale_calibration_ug,
                    (int) $row->scale_repeatability_ug,
                    (int) $row->scale_most_ug,
                )
                : Scale::ofKind($kind),
            $row->fitness ?? null,
        );
    }

    public function isZeroedOnThePart(): bool
    {
        return $this->zeroPlace !== null;
    }

    /** The day its calibration was due, where it was past when it was stated: its readings are taken, and marked (GAUGE-1). */
    public function calibrationMissed(): ?DateTimeImmutable
    {
        return $this->calibrationDue !== null && $this->calibrationDue < $this->statedAt->setTime(0, 0) ? $this->calibrationDue : null;
    }

    public function notation(LengthUnit $unit): ShopNotation
    {
        return $this->readingUnit === null ? ShopNotation::forSizes($unit) : ShopNotation::forDeviations($unit, $this->readingUnit);
    }

    private static function celsius(mixed $stored): ?float
    {
        return $stored === null ? null : (float) $stored;
    }
}
