<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Places;

use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Measurand;

/** What a feature is, declared by its folder. */
final readonly class FeatureDefinition
{
    /**
     * @param  list<InstrumentKind>  $gauges
     * @param  list<string>  $looks
     */
    private function __construct(
        public Measurand $measurand,
        public array $gauges = [],
        public array $looks = [],
        public bool $isGauged = false,
        public bool $needsStatedGauge = false,
        public PlaceShape $shape = PlaceShape::Spot,
    ) {
    }

    /** @param  list<InstrumentKind>  $gauges  The usual one first */
    public static function size(
        array $gauges = [],
        bool $isGauged = true,
        bool $needsStatedGauge = false,
        PlaceShape $shape = PlaceShape::Spot,
    ): self {
        return new self(Measurand::Size, $gauges, isGauged: $isGauged, needsStatedGauge: $needsStatedGauge, shape: $shape);
    }

    /**
     * Never below zero: a depth, a gap, a run-out.
     *
     * @param  list<InstrumentKind>  $gauges  The usual one first
     */
    public static function distance(
        array $gauges = [],
        bool $isGauged = true,
        PlaceShape $shape = PlaceShape::Spot,
    ): self {
        return new self(Measurand::Distance, $gauges, isGauged: $isGauged, shape: $shape);
    }

    /**
     * With a sign: a height, a trace.
     *
     * @param  list<InstrumentKind>  $gauges  The usual one first
     */
    public static function offset(
        array $gauges = [],
        bool $isGauged = true,
        PlaceShape $shape = PlaceShape::Spot,
    ): self {
        return new self(Measurand::Offset, $gauges, isGauged: $isGauged, shape: $shape);
    }

    public static function mass(PlaceShape $shape = PlaceShape::Spot): self
    {
        return new self(Measurand::Mass, InstrumentKind::scales(), shape: $shape);
    }

    public static function roughness(): self
    {
        return new self(Measurand::Roughness);
    }

    public static function volume(): self
    {
        return new self(Measurand::Volume);
    }

    /** @param  list<string>  $looks */
    public static function look(array $looks = [], PlaceShape $shape = PlaceShape::Spot): self
    {
        return new self(Measurand::Look, looks: $looks, shape: $shape);
    }
}
