<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Ledger\EntryKind;
use App\Models\CheckBack;
use App\Models\Job;
use App\Models\Setup;
use App\Observations\JobObservations;
use App\Observations\Said;
use NorthLedger\Core\Gauging\Conditions;
use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Gauging\Reading as CoreReading;
use NorthLedger\Core\Gauging\Station;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Judgement\BoreInspection;
use NorthLedger\Core\Judgement\BoreLooks;
use NorthLedger\Core\Judgement\CrackLook;
use NorthLedger\Core\Judgement\PittingClass;
use NorthLedger\Core\Judgement\RidgeLook;
use NorthLedger\Core\Judgement\ScoringLook;
use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Spec\Material;
use NorthLedger\Core\Spec\SpecificationSheet;

/** Everything keyed into one sheet of a job, assembled once from the database. */
final class SheetEntries
{
    /** @var array<string, PlaceEntries> By place key */
    private array $places = [];

    /** @var array<int, array<string, Place>> The places with a length, by cylinder and key */
    private array $measured = [];

    /** @var array<int, Instrument> By setup */
    private array $instruments = [];

    /** @var array<string, Temperatures> By setup and feature */
    private array $temperatures = [];

    private readonly SuspectReadings $suspicion;

    /** @var array<string, CoreReading> By place key, for one specification and policy */
    private array $readings = [];

    /**
     * @param  list<KeyedReading>  $rows  Oldest first
     * @param  array<int, Setup>  $setups  By id, oldest first
     * @param  list<CheckBack>  $checks  Oldest first
     * @param  list<string>  $confirmed  ULIDs of suspect readings that somebody stands by
     */
    private function __construct(public readonly array $rows, public readonly array $setups, public readonly array $checks, private readonly array $confirmed)
    {
        $this->suspicion = SuspectReadings::of($rows, $setups, $checks, $confirmed);
        foreach ($rows as $row) {
            $place = $this->places[$row->place] ??= new PlaceEntries;
            if ($row->withdrawsId === null) {
                $place->add($row);
            } else {
                $place->withdraw($row->withdrawsId);
            }
        }
        foreach ($this->places as $key => $entries) {
            if ($entries->newest()?->nanometres !== null) {
                $place = Place::parse($key);
                $this->measured[$place->cylinder][$key] = $place;
            }
        }
    }

    public static function load(Job $job, SheetName $sheet, JobObservations $observations): self
    {
        return (new self([], [], [], []))->refreshed($job, $sheet, $observations);
    }

    /** The same sheet with what was keyed into it since it was loaded. */
    public function refreshed(Job $job, SheetName $sheet, JobObservations $observations): self
    {
        $setups = $this->setups;
        foreach (Setup::query()->where('job_id', $job->id)->where('sheet', $sheet)->where('id', '>', array_key_last($setups) ?? 0)->orderBy('id')->get() as $setup) {
            $setups[$setup->id] = $setup;
        }
        /** @var list<CheckBack> $checks */
        $checks = $setups === [] ? [] : CheckBack::query()->where('job_id', $job->id)->where('sheet', $sheet)->orderBy('id')->get()->all();
        $rows = $this->rows;
        $new = KeyedReading::of($job, $sheet, $rows === [] ? 0 : end($rows)->id);
        $refreshed = new self([...$rows, ...$new], $setups, $checks, self::confirmed($observations));
        $refreshed->readings = array_diff_key($this->readings, array_flip(array_column($new, 'place')));

        return $refreshed;
    }

    /** The same sheet as if nothing up to a reading had been keyed for a cylinder: the state after rework. */
    public function afresh(int $cylinder, int $lastReadingId): self
    {
        return new self(array_values(array_filter($this->rows, static function (KeyedReading $row) use ($cylinder, $lastReadingId): bool {
            $place = Place::parse($row->place);

            return $row->id > $lastReadingId || $place->cylinder !== $cylinder || $place->feature === Feature::Piston;
        })), $this->setups, $this->checks, $this->confirmed);
    }

    public function at(Place $place): PlaceEntries
    {
        return $this->places[$place->key()] ?? new PlaceEntries;
    }

    /** The newest setup for bores or pistons. */
    public function currentSetup(Feature $feature): ?Setup
    {
        $matching = array_filter($this->setups, static fn (Setup $setup): bool => $setup->feature === $feature->value);

        return $matching === [] ? null : end($matching);
    }

    /** @return array<string, Place> The places where a length stands, by key */
    public function measuredPlaces(): array
    {
        return array_merge([], ...array_values($this->measured));
    }

    /** True where what stands was read with a gauge that had drifted, and nobody stands by it: it is shown, and carries no verdict. */
    public function isSuspect(Place $place): bool
    {
        return $this->suspicion->holdAny($this->at($place)->current());
    }

    /** @return list<KeyedReading> Every suspect reading that stands, in the order in which they were keyed */
    public function suspects(): array
    {
        $suspects = [];
        foreach ($this->measuredPlaces() as $place) {
            if ($this->isSuspect($place)) {
                $suspects = [...$suspects, ...$this->at($place)->current()];
            }
        }
        usort($suspects, static fn (KeyedReading $a, KeyedReading $b): int => $a->id <=> $b->id);

        return $suspects;
    }

    /** The newest check of the setup that is in force; null where it was not checked yet. */
    public function lastCheck(): ?CheckBack
    {
        $setup = $this->currentSetup(Feature::Bore);
        $checks = array_filter($this->checks, static fn (CheckBack $check): bool => $check->setup_id === $setup?->id);

        return $checks === [] ? null : end($checks);
    }

    /** True where the last check of a setup found its gauge drifted: nothing more is taken with that zero. */
    public function hasDrifted(Setup $setup): bool
    {
        $checks = array_filter($this->checks, static fn (CheckBack $check): bool => $check->setup_id === $setup->id);

        return $checks !== [] && ! end($checks)->result($setup->instrument)->holds;
    }

    /** How many readings were taken with the setup in force since its zero or its last check. */
    public function readingsSinceCheck(): int
    {
        $setup = $this->currentSetup(Feature::Bore);
        $since = $this->lastCheck()->last_reading_id ?? 0;

        return count(array_filter($this->rows, static fn (KeyedReading $row): bool => $row->setupId === $setup?->id && $row->id > $since));
    }

    public function reading(Place $place, SpecificationSheet $sheet, ShopPolicy $policy): ?CoreReading
    {
        $key = $place->key();
        if (! isset($this->measured[$place->cylinder][$key])) {
            return null;
        }

        return $this->readings[$key] ??= $this->assemble($place, $sheet, $policy);
    }

    public function inspection(int $cylinder, SpecificationSheet $sheet, ShopPolicy $policy): BoreInspection
    {
        $readings = [];
        foreach ($this->measured[$cylinder] ?? [] as $place) {
            $reading = $place->feature === Feature::Bore && ! $this->isSuspect($place) ? $this->reading($place, $sheet, $policy) : null;
            if ($reading !== null) {
                $readings[] = $reading;
            }
        }

        return BoreInspection::of($cylinder, $readings, $this->reading(Place::piston($cylinder), $sheet, $policy), $this->looks($cylinder));
    }

    /** @return array<string, Conditions> By place key, of the bore readings of a cylinder */
    public function conditions(int $cylinder): array
    {
        $conditions = [];
        foreach ($this->measured[$cylinder] ?? [] as $key => $place) {
            $setup = $this->setups[(int) $this->at($place)->newest()?->setupId] ?? null;
            if ($place->feature === Feature::Bore && $setup !== null) {
                $conditions[$key] = $setup->conditions();
            }
        }

        return $conditions;
    }

    /** @return list<string> */
    private static function confirmed(JobObservations $observations): array
    {
        return array_merge([], ...array_map(
            static fn (Said $row): array => array_values(array_filter($row->list('readings'), is_string(...))),
            $observations->all(EntryKind::SuspectsConfirmed),
        ));
    }

    private function assemble(Place $place, SpecificationSheet $sheet, ShopPolicy $policy): CoreReading
    {
        $rows = $this->at($place)->current();
        $setup = $this->setups[(int) $rows[0]->setupId];
        $this->instruments[$setup->id] ??= Instrument::ofKind($setup->instrument);
        $this->temperatures["{$setup->id} {$place->feature->value}"] ??= Temperatures::of(
            $policy->expansionOf($place->feature === Feature::Piston ? Material::Aluminium : $sheet->boreMaterial()),
            $policy->expansionOf(Material::Steel), $setup->part_celsius, $setup->master_celsius,
        );

        return CoreReading::of(
            $place,
            array_map(static fn (KeyedReading $row): Length => Length::ofNanometres((int) $row->nanometres), $rows),
            $this->instruments[$setup->id],
            $this->temperatures["{$setup->id} {$place->feature->value}"],
        );
    }

    private function looks(int $cylinder): BoreLooks
    {
        $look = fn (Place $place): ?string => $this->at($place)->newest()?->look;
        $pitting = $look(Place::look(Feature::Pitting, $cylinder));

        return new BoreLooks(
            CrackLook::tryFrom($look(Place::look(Feature::Crack, $cylinder)) ?? ''),
            RidgeLook::tryFrom($look(Place::ridge($cylinder, Station::Top)) ?? ''),
            RidgeLook::tryFrom($look(Place::ridge($cylinder, Station::Bottom)) ?? ''),
            ScoringLook::tryFrom($look(Place::look(Feature::Scoring, $cylinder)) ?? ''),
            $pitting === null ? null : PittingClass::tryFrom((int) $pitting),
        );
    }
}
