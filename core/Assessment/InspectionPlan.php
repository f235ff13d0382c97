<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Inspection\InspectedFeatures;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use WeakMap;

/** Every place of one sheet, drawn up from the family's specification: what there is to read, in which order, and what for. */
final readonly class InspectionPlan
{
    /**
     * @param  list<CharacteristicTable>  $tables
     * @param  array<string, Characteristic>  $byKey
     */
    private function __construct(public Section $section, public array $tables, private array $byKey)
    {
    }

    /** Drawn up once for a specification. */
    public static function of(Section $section, SpecificationSheet $sheet): self
    {
        /** @var WeakMap<SpecificationSheet, array<string, self>>|null $drawn */
        static $drawn = null;
        $drawn ??= self::nothingDrawn();
        $plans = $drawn[$sheet] ?? [];
        $plans[$section->value] ??= self::drawnUp($section, $sheet);
        $drawn[$sheet] = $plans;

        return $plans[$section->value];
    }

    /** @return WeakMap<SpecificationSheet, array<string, self>> */
    private static function nothingDrawn(): WeakMap
    {
        /** @var WeakMap<SpecificationSheet, array<string, self>> $none */
        $none = new WeakMap();

        return $none;
    }

    private static function drawnUp(Section $section, SpecificationSheet $sheet): self
    {
        $tables = array_map(static fn (InspectedFeatures $one): array => $one->tables($sheet), Features::on($section, $sheet));

        return self::ofTables($section, array_merge([], ...$tables));
    }

    /** @param  list<CharacteristicTable>  $more */
    public function with(array $more): self
    {
        return $more === [] ? $this : self::ofTables($this->section, [...$this->tables, ...$more]);
    }

    /**
     * The same with some places and no others.
     *
     * @param  list<Place>  $places  Needed, all of them
     * @param  list<Place>  $optional
     */
    public function narrowedTo(array $places, array $optional = []): self
    {
        $keys = self::keys($places, true) + self::keys($optional, false);
        $tables = array_map(static fn (CharacteristicTable $table): ?CharacteristicTable => $table->narrowedTo($keys), $this->tables);

        return self::ofTables($this->section, array_values(array_filter($tables)));
    }

    /**
     * @param  list<Place>  $places
     * @return array<string, bool>
     */
    private static function keys(array $places, bool $isNeeded): array
    {
        return array_fill_keys(array_map(static fn (Place $place): string => $place->key, $places), $isNeeded);
    }

    /** @param  list<CharacteristicTable>  $tables */
    private static function ofTables(Section $section, array $tables): self
    {
        $byKey = [];
        foreach ($tables as $table) {
            foreach ($table->rows as $row) {
                foreach ($row->cells as $cell) {
                    if ($cell !== null) {
                        $byKey[$cell->place->key] = $cell;
                    }
                }
            }
        }

        return new self($section, $tables, $byKey);
    }

    /** Null where this engine has no such place on this sheet. */
    public function find(Place $place): ?Characteristic
    {
        return $this->byKey[$place->key] ?? null;
    }

    /** Null where the feature is not on this sheet, or has no size of its own. */
    public function nominalOf(Feature $feature): ?Length
    {
        foreach ($this->byKey as $one) {
            if ($one->place->feature === $feature) {
                return $one->nominal;
            }
        }

        return null;
    }

    /** @return array<string, Characteristic> By place key */
    public function all(): array
    {
        return $this->byKey;
    }

    /** @return list<Characteristic> In the order in which they are walked, those that a verdict needs first */
    public function walk(): array
    {
        $walk = array_merge([], ...array_map(static fn (CharacteristicTable $table): array => $table->walk(), $this->tables));

        return [
            ...array_filter($walk, static fn (Characteristic $one): bool => $one->isNeeded),
            ...array_values(array_filter($walk, static fn (Characteristic $one): bool => ! $one->isNeeded)),
        ];
    }

    /** True where something goes on the scale. */
    public function hasWeights(): bool
    {
        foreach ($this->byKey as $one) {
            if ($one->place->feature->measurand() === Measurand::Mass) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Feature> What is read with a gauge on this sheet, in the order of the sheet */
    public function gaugedFeatures(): array
    {
        $features = [];
        foreach ($this->byKey as $one) {
            if ($one->place->feature->isGauged()) {
                $features[$one->place->feature->code()] = $one->place->feature;
            }
        }

        return array_values($features);
    }
}
