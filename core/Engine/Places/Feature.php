<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Places;

use BackedEnum;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Measurand;

/**
 * What is read or looked at: everything under one feature is read the same way, with one gauge. Each folder of features
 * declares its own in an enum; the value is the beginning of the place's key, and no two have the same.
 */
interface Feature extends BackedEnum
{
    /** Its value. */
    public function code(): string;

    public function measurand(): Measurand;

    /** True where a value is read; false where a look is recorded. */
    public function isMeasured(): bool;

    /** True where the reading belongs to a stated gauge and its zero. */
    public function isGauged(): bool;

    /** True where nothing is read before somebody has said with what, and under what conditions: caps torqued, and set to what size. */
    public function needsStatedGauge(): bool;

    /** @return list<InstrumentKind> That can read it, the usual one first (GAUGE-1) */
    public function gauges(): array;

    /** @return list<string> What can be said of it, where it is looked at or felt; the digit that is keyed is the number in the list */
    public function looks(): array;

    /** What tells its places from each other. */
    public function shape(): PlaceShape;

    /** @return list<self> What a criterion of its takes besides: play is of two sizes */
    public function judgedWith(): array;

    /** What a gauge lies on when it reads the feature: its expansion is that metal's (GAUGE-4). */
    public function material(SpecificationSheet $sheet): Material;
}
