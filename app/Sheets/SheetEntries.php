<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Job;
use App\Models\Reading;
use App\Models\Setup;
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

    /**
     * @param  list<Reading>  $rows  Oldest first
     * @param  array<int, Setup>  $setups  By id, oldest first
     */
    private function __construct(public readonly array $rows, public readonly array $setups)
    {
        foreach ($rows as $row) {
            $place = $this->places[$row->place] ??= new PlaceEntries;
            if ($row->withdraws_id === null) {
                $place->add($row);
            } else {
                $place->withdraw($row->withdraws_id);
            }
        }
    }

    public static function load(Job $job, SheetName $sheet): self
    {
        $setups = [];
        foreach (Setup::query()->where('job_id', $job->id)->where('sheet', $sheet)->orderBy('id')->get() as $setup) {
            $setups[$setup->id] = $setup;
        }

        return new self(array_values(Reading::query()->where('job_id', $job->id)->where('sheet', $sheet)->orderBy('id')->get()->all()), $setups);
    }

    /** The same sheet as if nothing up to a reading had been keyed for a cylinder: the state after rework. */
    public function afresh(int $cylinder, int $lastReadingId): self
    {
        return new self(array_values(array_filter(
            $this->rows,
            static fn (Reading $row): bool => $row->id > $lastReadingId || Place::parse($row->place)->cylinder !== $cylinder || Place::parse($row->place)->feature === Feature::Piston,
        )), $this->setups);
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

    /** @return list<string> Keys of the places where a length stands */
    public function measuredPlaces(): array
    {
        return array_values(array_filter(array_keys($this->places), fn (string $key): bool => ($this->places[$key]->newest()->value_nm ?? null) !== null));
    }

    public function reading(Place $place, SpecificationSheet $sheet, ShopPolicy $policy): ?CoreReading
    {
        $rows = array_values(array_filter($this->at($place)->current(), static fn (Reading $row): bool => $row->value_nm !== null));
        if ($rows === []) {
            return null;
        }
        $setup = $this->setups[(int) $rows[0]->setup_id];
        $material = $place->feature === Feature::Piston ? Material::Aluminium : $sheet->blockMaterial;

        return CoreReading::of(
            $place,
            array_map(static fn (Reading $row): Length => Length::ofNanometres((int) $row->value_nm), $rows),
            Instrument::ofKind($setup->instrument),
            Temperatures::of($policy->expansionOf($material), $policy->expansionOf(Material::Steel), $setup->part_celsius, $setup->master_celsius),
        );
    }

    public function inspection(int $cylinder, SpecificationSheet $sheet, ShopPolicy $policy): BoreInspection
    {
        $readings = [];
        foreach ($this->measuredPlaces() as $key) {
            $place = Place::parse($key);
            if ($place->cylinder === $cylinder && $place->feature === Feature::Bore) {
                $readings[] = $this->reading($place, $sheet, $policy);
            }
        }

        return BoreInspection::of($cylinder, array_values(array_filter($readings)), $this->reading(Place::piston($cylinder), $sheet, $policy), $this->looks($cylinder));
    }

    /** @return array<string, Conditions> By place key, of the bore readings of a cylinder */
    public function conditions(int $cylinder): array
    {
        $conditions = [];
        foreach ($this->measuredPlaces() as $key) {
            $place = Place::parse($key);
            $setup = $this->setups[(int) $this->at($place)->newest()?->setup_id] ?? null;
            if ($place->cylinder === $cylinder && $place->feature === Feature::Bore && $setup !== null) {
                $conditions[$key] = $setup->conditions();
            }
        }

        return $conditions;
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
