<?php

declare(strict_types=1);

namespace App\Gauges;

use App\Ledger\AskBack;
use App\Storage\Gauge;
use App\Words\Line;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\ReadingUnit;

/** The gauge somebody names: one of the register by its tag, or any of a kind, with that kind's book values (GAUGE-1). */
final readonly class StatedGauge
{
    private function __construct(public InstrumentKind $kind, private ?Gauge $gauge)
    {
    }

    /** @throws AskBack If it is neither in the register nor a kind */
    public static function named(string $name): self
    {
        $kind = InstrumentKind::tryFrom($name);
        if ($kind !== null) {
            return new self($kind, null);
        }
        $gauge =
            Gauge::query()->firstWhere(['tag' => $name, 'is_retired' => false]) ??
            throw AskBack::unreadable(Line::of('sheet.told.no_gauge', ['tag' => $name]));

        return new self($gauge->kind, $gauge);
    }

    /** @return array<string, mixed> What is kept of it beside its kind */
    public function columns(): array
    {
        return $this->gauge?->asStated() ?? [];
    }

    public function instrument(): Instrument
    {
        return $this->gauge?->instrument() ?? Instrument::ofKind($this->kind);
    }

    public function tag(): ?string
    {
        return $this->gauge?->tag;
    }

    public function readingUnit(LengthUnit $unit): ReadingUnit
    {
        return $this->gauge->reading_unit ?? $unit->readingUnit();
    }
}
