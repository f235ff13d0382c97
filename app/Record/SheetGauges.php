<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\StatedCheck;
use App\Storage\StatedSetup;
use App\Storage\StatedZero;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Quantity\Length;

/** The gauges of one sheet: what was stated of each, what its zero is, and how it stood when it went back on its master. */
final class SheetGauges
{
    /** @var array<int, Instrument> By setup */
    private array $instruments = [];

    /** @var ?array<string, StatedSetup> The newest by feature */
    private ?array $current = null;

    /**
     * @param  array<int, StatedSetup>  $setups  By id, oldest first
     * @param  list<StatedCheck>  $checks  Oldest first
     * @param  array<int, StatedZero>  $zeros  The newest by setup
     */
    private function __construct(public readonly array $setups, public readonly array $checks, private readonly array $zeros)
    {
    }

    /**
     * @param  array<StatedSetup>  $setups  Oldest first
     * @param  list<StatedCheck>  $checks  Oldest first
     * @param  list<StatedZero>  $zeros  Oldest first
     */
    public static function of(array $setups, array $checks, array $zeros): self
    {
        return new self(array_column($setups, null, 'id'), $checks, array_column($zeros, null, 'setupId'));
    }

    public static function none(): self
    {
        return new self([], [], []);
    }

    public function lastSetupId(): int
    {
        return array_key_last($this->setups) ?? 0;
    }

    /** @return list<int> Numbers of the newest setup, check and zero; rows are only ever added */
    public function newest(): array
    {
        $last = static fn (array $rows): int => $rows === [] ? 0 : max(array_column($rows, 'id'));

        return [$this->lastSetupId(), $last($this->checks), $last($this->zeros)];
    }

    /** True where every zero on the part has the size it had there. */
    public function haveTheZerosOf(self $other): bool
    {
        return array_column($this->zeros, 'id') === array_column($other->zeros, 'id');
    }

    /** The newest setup for a feature. */
    public function current(Feature $feature): ?StatedSetup
    {
        if ($this->current === null) {
            $this->current = [];
            foreach ($this->setups as $setup) {
                $this->current[$setup->feature->code()] = $setup;
            }
        }

        return $this->current[$feature->code()] ?? null;
    }

    /** The size a setup counts from; null where it shows sizes, or its zero on the part has no size yet. */
    public function zero(StatedSetup $setup): ?Length
    {
        return $setup->isZeroedOnThePart() ? ($this->zeros[$setup->id] ?? null)?->size : $setup->knownZero;
    }

    /**
     * What the gauge of a setup is worth, with what its zero adds to its doubt: the size it was set with, or measured to be later
     * (GAUGE-5).
     */
    public function instrument(StatedSetup $setup): Instrument
    {
        $zero = $this->zeros[$setup->id] ?? null;

        return $this->instruments[$setup->id] ??= match (true) {
            $zero !== null => $setup->gauge->zeroedBy($zero->measuredWith),
            $setup->zeroWith !== null => $setup->gauge->setIn(Instrument::ofKind($setup->zeroWith)),
            default => $setup->gauge,
        };
    }

    /** The newest check of a setup; null where it was not checked yet. */
    public function lastCheck(StatedSetup $setup): ?StatedCheck
    {
        $checks = array_filter($this->checks, static fn (StatedCheck $check): bool => $check->setupId === $setup->id);

        return $checks === [] ? null : end($checks);
    }

    /** True where the last check of a setup found its gauge drifted: nothing more is taken with that zero. */
    public function hasDrifted(StatedSetup $setup): bool
    {
        return $this->lastCheck($setup)?->result($setup->gauge)->holds === false;
    }
}
