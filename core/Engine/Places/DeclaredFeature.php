<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Places;

use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Measurand;

/** What an enum of features answers from the definition of each of its cases. */
trait DeclaredFeature
{
    abstract private function declared(): FeatureDefinition;

    public function code(): string
    {
        return $this->value;
    }

    public function measurand(): Measurand
    {
        return $this->definition()->measurand;
    }

    public function isMeasured(): bool
    {
        return $this->definition()->measurand !== Measurand::Look;
    }

    public function isGauged(): bool
    {
        return $this->definition()->isGauged;
    }

    public function needsStatedGauge(): bool
    {
        return $this->definition()->needsStatedGauge;
    }

    /** @return list<InstrumentKind> */
    public function gauges(): array
    {
        return $this->definition()->gauges;
    }

    /** @return list<string> */
    public function looks(): array
    {
        return $this->definition()->looks;
    }

    public function shape(): PlaceShape
    {
        return $this->definition()->shape;
    }

    /** @return list<Feature> */
    public function judgedWith(): array
    {
        return [];
    }

    /** Made once: it is asked for at every step. */
    private function definition(): FeatureDefinition
    {
        /** @var array<string, FeatureDefinition> $made */
        static $made = [];

        return $made[$this->value] ??= $this->declared();
    }
}
