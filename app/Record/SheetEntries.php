<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use App\Storage\KeyedReading;
use App\Storage\Said;
use App\Storage\SheetName;
use App\Storage\StatedSetup;
use Closure;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading as CoreReading;

/** Everything keyed into one sheet of a job, assembled once from the database. */
final class SheetEntries
{
    public readonly KeyedPlaces $places;

    private readonly RepeatedReadings $repeated;

    private readonly SuspectReadings $suspicion;

    /** @var ?array<int, list<int>> Ids of the rows that were read with each setup */
    private ?array $bySetup = null;

    private ?BoreEntries $bores = null;

    /** @var array<string, CoreReading> By place key, for one specification and policy */
    private array $readings = [];

    /** @var ?list<KeyedReading> Found once */
    private ?array $suspects = null;

    /** @var ?list<KeyedReading> With those of a crankshaft that is not used; null where all count */
    private ?array $all = null;

    /**
     * @param  list<KeyedReading>  $rows  Oldest first
     * @param  list<string>  $confirmed  ULIDs of suspect readings that somebody stands by
     * @param  array<int, int>  $assigned  The piston that goes into a cylinder, where it is another one than came out of it
     * @param  array<int, ?Length>  $conceded  How deep the pits go that the customer accepts, by cylinder; null where that was not measured
     * @param  ?KeyedPlaces  $places  The same rows by place, where they are known already
     */
    private function __construct(
        public readonly array $rows,
        public readonly SheetGauges $gauges,
        private readonly array $confirmed,
        private readonly array $assigned,
        private readonly array $conceded = [],
        ?KeyedPlaces $places = null,
    ) {
        $this->repeated = new RepeatedReadings($gauges);
        $this->suspicion = SuspectReadings::of($rows, $gauges->setups, $gauges->checks, $confirmed);
        $this->places = $places ?? KeyedPlaces::of($rows);
    }

    /**
     * @param  list<KeyedReading>  $rows  Oldest first
     * @param  ?self  $before  The same sheet as it was read before; null where it was not
     */
    public static function of(
        array $rows,
        SheetGauges $gauges,
        SheetName $sheet,
        JobObservations $observations,
        ?self $before = null,
    ): self {
        $counting = $observations->crankshafts->countingReadings($rows, $sheet);
        $known = count($before->rows ?? []);
        $isMore = $before !== null && array_slice($counting, 0, $known) === $before->rows;
        $entries = new self(
            $counting,
            $gauges,
            self::confirmed($observations),
            $sheet->occasion === Occasion::Incoming ? BoreEntries::assigned($observations) : [],
            Concessions::of($observations)->acceptedPits(),
            $isMore ? $before->places->followedBy(array_slice($counting, $known)) : null,
        );
        $entries->all = $counting === $rows ? null : $rows;

        return $entries;
    }

    public static function none(): self
    {
        return new self([], SheetGauges::none(), [], []);
    }

    /**
     * The same sheet with what was keyed into it since it was read.
     *
     * @param  list<KeyedReading>  $rows  Oldest first
     */
    public function followedBy(array $rows, SheetGauges $gauges, SheetName $sheet, JobObservations $observations): self
    {
        $followed = self::of([...$this->all ?? $this->rows, ...$rows], $gauges, $sheet, $observations, $this);
        $isOfTheSameParts = array_slice($followed->rows, 0, count($this->rows)) === $this->rows;
        $followed->readings = $isOfTheSameParts && $gauges->haveTheZerosOf($this->gauges)
            ? array_diff_key($this->readings, array_flip(array_column($rows, 'place')))
            : [];

        return $followed;
    }

    /** Of the newest row; 0 where there is none. */
    public function lastId(): int
    {
        $rows = $this->all ?? $this->rows;

        return $rows === [] ? 0 : $rows[count($rows) - 1]->id;
    }

    /** Of the newest row; null where there is none. */
    public function lastUlid(): ?string
    {
        $rows = $this->all ?? $this->rows;

        return $rows === [] ? null : $rows[count($rows) - 1]->ulid;
    }

    /** The same sheet as if nothing up to a reading had been keyed for a cylinder but its piston: the state after rework. */
    public function afresh(int $cylinder, int $lastReadingId): self
    {
        return $lastReadingId === 0
            ? $this
            : new self(
                array_values(
                    array_filter($this->rows, static function (KeyedReading $row) use ($cylinder, $lastReadingId): bool {
                        $place = Place::parse($row->place);

                        return $row->id > $lastReadingId || $place->number !== $cylinder || $place->feature === BoreFeature::Piston;
                    }),
                ),
                $this->gauges,
                $this->confirmed,
                $this->assigned,
                $this->conceded,
            );
    }

    /**
     * The same sheet as if nothing had been keyed at a place before it was worked again.
     *
     * @param  Closure(Place): int  $last  The newest reading of before; 0 where all count
     */
    public function since(Closure $last): self
    {
        $rows = array_values(array_filter($this->rows, static fn (KeyedReading $row): bool => $row->id > $last(Place::parse($row->place))));

        return count($rows) === count($this->rows)
            ? $this
            : new self($rows, $this->gauges, $this->confirmed, $this->assigned, $this->conceded);
    }

    public function at(Place $place): PlaceEntries
    {
        return $this->places->at($place);
    }

    /** What was keyed of the bores. */
    public function bores(): BoreEntries
    {
        return $this->bores ??= new BoreEntries($this, $this->assigned, $this->conceded);
    }

    /** True where the gauge of a comparative setup was zeroed, and what stands was read with it. */
    public function isZero(Place $place): bool
    {
        return ($this->gauges->setups[(int) $this->at($place)->newest()?->setupId] ?? null)?->zeroPlace === $place->key;
    }

    /** @return array<string, Place> The places where a length stands, by key */
    public function measuredPlaces(): array
    {
        return $this->places->measured();
    }

    /** True where what stands was read with a gauge that had drifted, and nobody stands by it: it is shown, and carries no verdict. */
    public function isSuspect(Place $place): bool
    {
        return ! $this->suspicion->isOfNone() && $this->suspicion->holdAny($this->at($place)->current());
    }

    /** @return list<KeyedReading> Every suspect reading that stands, in the order in which they were keyed */
    public function suspects(): array
    {
        return $this->suspects ??= $this->suspicion->isOfNone() ? [] : $this->findSuspects();
    }

    /** @return list<KeyedReading> */
    private function findSuspects(): array
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

    /** How many readings were taken with a setup since its zero or its last check. */
    public function readingsSinceCheck(StatedSetup $setup): int
    {
        if ($this->bySetup === null) {
            $this->bySetup = [];
            foreach ($this->rows as $row) {
                $this->bySetup[$row->setupId ?? 0][] = $row->id;
            }
        }
        $since = $this->gauges->lastCheck($setup)->lastReadingId ?? 0;
        $ids = $this->bySetup[$setup->id] ?? [];

        return $since === 0 ? count($ids) : count(array_filter($ids, static fn (int $id): bool => $id > $since));
    }

    public function reading(Place $place, SpecificationSheet $sheet, ShopPolicy $policy): ?CoreReading
    {
        $key = $place->key;
        if (! isset($this->readings[$key]) && $this->places->isMeasured($place)) {
            $this->readings[$key] = $this->repeated->reading($place, $this->at($place)->current(), $sheet, $policy);
        }

        return $this->readings[$key] ?? null;
    }

    /** What stands at a place that belongs to no stated gauge: the mean of its repeats. */
    public function length(Place $place): ?Length
    {
        return RepeatedReadings::length($this->at($place)->current());
    }

    /** @return list<string> */
    private static function confirmed(JobObservations $observations): array
    {
        return array_merge(
            [],
            ...array_map(
                static fn (Said $row): array => array_values(array_filter($row->list('readings'), is_string(...))),
                $observations->all(EntryKind::SuspectsConfirmed),
            ),
        );
    }

    /** What was read of one section's places, suspect readings left out. */
    public function measurements(InspectionPlan $plan, SpecificationSheet $sheet, ShopPolicy $policy): Measurements
    {
        $readings = $conditions = $values = $looks = $scales = [];
        $all = $plan->all();
        foreach (array_intersect_key($this->places->all, $all) as $key => $entries) {
            $newest = $entries->newest();
            $one = $all[$key];
            if ($newest === null || $this->suspicion->holdAny($entries->current())) {
                continue;
            }
            if ($newest->setupId !== null && $newest->micrograms === null) {
                $readings[$key] = $this->reading($one->place, $sheet, $policy);
                $conditions[$key] = $this->gauges->setups[$newest->setupId]->conditions;
            } elseif ($newest->look !== null) {
                $looks[$key] = $newest->look;
            } else {
                $values[$key] = $this->mean($one->place);
                $scales[$key] = ($this->gauges->setups[$newest->setupId ?? 0] ?? null)?->scale;
            }
        }

        return new Measurements(array_filter($readings), $conditions, $values, $looks, array_filter($scales));
    }

    /** Of the repeats of a mass, a finish or a volume. */
    public function mean(Place $place): int|float
    {
        return RepeatedReadings::mean($place, $this->at($place)->current());
    }
}
