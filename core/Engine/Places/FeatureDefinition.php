<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Places;

use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Measurand;

/** What a feature is, declared by its folder. */
final readonly class FeatureDefinition
{
    /**
     * @param  string  $label  What its number counts: “Main”
     * @param  list<InstrumentKind>  $gauges
     * @param  list<string>  $looks
     */
    private function __construct(
        public Measurand $measurand,
        public string $label,
        public string $aspect,
        public array $gauges = [],
        public array $looks = [],
        public bool $isGauged = false,
        public bool $needsStatedGauge = false,
        public PlaceShape $shape = PlaceShape::Spot,
    ) {
    }

    /** @param  list<InstrumentKind>  $gauges  The usual one first */
    public static function size(
        string $label,
        string $aspect = '',
        array $gauges = [],
        bool $isGauged = true,
        bool $needsStatedGauge = false,
        PlaceShape $shape = PlaceShape::Spot,
    ): self {
        return new self(Measurand::Size, $label, $aspect, $gauges, isGauged: $isGauged, needsStatedGauge: $needsStatedGauge, shape: $shape);
    }

    /**
     * Never below zero: a depth, a gap, a run-out.
     *
     * @param  list<InstrumentKind>  $gauges  The usual one first
     */
    public static function distance(
        string $label,
        string $aspect = '',
        array $gauges = [],
        bool $isGauged = true,
        PlaceShape $shape = PlaceShape::Spot,
    ): self {
        return new self(Measurand::Distance, $label, $aspect, $gauges, isGauged: $isGauged, shape: $shape);
    }

    /**
     * With a sign: a height, a trace.
     *
     * @param  list<InstrumentKind>  $gauges  The usual one first
     */
    public static function offset(
        string $label,
        string $aspect = '',
        array $gauges = [],
        bool $isGauged = true,
        PlaceShape $shape = PlaceShape::Spot,
    ): self {
        return new self(Measurand::Offset, $label, $aspect, $gauges, isGauged: $isGauged, shape: $shape);
    }

    public static function mass(string $label, string $aspect, PlaceShape $shape = PlaceShape::Spot): self
    {
        return new self(Measurand::Mass, $label, $aspect, InstrumentKind::scales(), shape: $shape);
    }

    public static function roughness(string $label, string $aspect): self
    {
        return new self(Measurand::Roughness, $label, $aspect);
    }

    public static function volume(string $label, string $aspect): self
    {
        return new self(Measurand::Volume, $label, $aspect);
    }

    /** @param  list<string>  $looks */
    public static function look(string $label, string $aspect = '', array $looks = [], PlaceShape $shape = PlaceShape::Spot): self
    {
        return new self(Measurand::Look, $label, $aspect, looks: $looks, shape: $shape);
    }
}
