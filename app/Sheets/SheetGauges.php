<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\CheckBack;
use App\Models\Job;
use App\Models\Setup;
use App\Models\ZeroSize;
use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Quantity\Length;

/** The gauges of one sheet: what was stated of each, what its zero is, and how it stood when it went back on its master. */
final class SheetGauges
{
    /** @var array<int, Instrument> By setup */
    private array $instruments = [];

    /** @var ?array<string, Setup> The newest by feature */
    private ?array $current = null;

    /**
     * @param  array<int, Setup>  $setups  By id, oldest first
     * @param  list<CheckBack>  $checks  Oldest first
     * @param  array<int, ZeroSize>  $zeroSizes  The newest by setup
     */
    private function __construct(public readonly array $setups, public readonly array $checks, private readonly array $zeroSizes)
    {
    }

    /**
     * @param  array<Setup>  $setups  Oldest first
     * @param  array<CheckBack>  $checks  Oldest first
     * @param  array<ZeroSize>  $zeroSizes  Oldest first
     */
    public static function of(array $setups, array $checks, array $zeroSizes): self
    {
        return new self(array_column($setups, null, 'id'), array_values($checks), array_column($zeroSizes, null, 'setup_id'));
    }

    public static function none(): self
    {
        return new self([], [], []);
    }

    /** The same with what was stated, checked and sized since they were loaded. */
    public function refreshed(Job $job, SheetName $sheet): self
    {
        $setups = $this->setups;
        foreach (Setup::query()->where('job_id', $job->id)->where('sheet', $sheet)->where('id', '>', array_key_last($setups) ?? 0)->orderBy('id')->get() as $setup) {
            $setups[$setup->id] = $setup;
        }
        /** @var list<CheckBack> $checks */
        $checks = $setups === [] ? [] : CheckBack::query()->where('job_id', $job->id)->where('sheet', $sheet)->orderBy('id')->get()->all();

        return new self($setups, $checks, self::sizes($job, $sheet, $setups));
    }

    /** True where every zero on the part has the size it had there. */
    public function haveTheZerosOf(self $other): bool
    {
        return array_column($this->zeroSizes, 'id') === array_column($other->zeroSizes, 'id');
    }

    /** The newest setup for bores or pistons. */
    public function current(Feature $feature): ?Setup
    {
        if ($this->current === null) {
            $this->current = [];
            foreach ($this->setups as $setup) {
                $this->current[$setup->feature] = $setup;
            }
        }

        return $this->current[$feature->value] ?? null;
    }

    /** The size a setup counts from; null where it shows sizes, or its zero on the part has no size yet. */
    public function zero(Setup $setup): ?Length
    {
        return $setup->zero_place === null ? $setup->zero() : ($this->zeroSizes[$setup->id] ?? null)?->size();
    }

    /** What the gauge of a setup is worth, with what a zero that was sized later adds to its doubt. */
    public function instrument(Setup $setup): Instrument
    {
        $size = $this->zeroSizes[$setup->id] ?? null;

        return $this->instruments[$setup->id] ??= $size === null ? $setup->gauge() : $setup->gauge()->zeroedBy($size->measuredWith());
    }

    /** The newest check of a setup; null where it was not checked yet. */
    public function lastCheck(Setup $setup): ?CheckBack
    {
        $checks = array_filter($this->checks, static fn (CheckBack $check): bool => $check->setup_id === $setup->id);

        return $checks === [] ? null : end($checks);
    }

    /** True where the last check of a setup found its gauge drifted: nothing more is taken with that zero. */
    public function hasDrifted(Setup $setup): bool
    {
        return $this->lastCheck($setup)?->result($setup->gauge())->holds === false;
    }

    /**
     * @param  array<int, Setup>  $setups
     * @return array<int, ZeroSize>
     */
    private static function sizes(Job $job, SheetName $sheet, array $setups): array
    {
        $sizes = [];
        if (array_filter($setups, static fn (Setup $setup): bool => $setup->zero_place !== null) !== []) {
            foreach (ZeroSize::query()->where('job_id', $job->id)->where('sheet', $sheet)->orderBy('id')->get() as $size) {
                $sizes[$size->setup_id] = $size;
            }
        }

        return $sizes;
    }
}
