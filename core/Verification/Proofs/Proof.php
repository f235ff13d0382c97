<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Section;

/** What proves that the work on one thing was done as it was ordered: what is read afresh, and what it is judged by (WORK-4). */
final readonly class Proof
{
    /** @var array<string, true> Keys of its places */
    private array $keys;

    /**
     * @param  non-empty-array<string, list<Criterion>>  $operations  By key: what has to be known of it, and to hold
     * @param  list<Place>  $places  Read afresh, all of them
     * @param  list<OrderedCondition>  $conditions  Under which its lengths are read
     * @param  list<Place>  $gone  What was read of it before says nothing any more, and is not read again
     * @param  list<Place>  $optional  Read afresh where somebody wants to
     */
    public function __construct(
        public Section $section,
        public EnginePart $part,
        public Subject $subject,
        public array $operations,
        public array $places,
        public array $conditions = [],
        public ?OrderedSize $size = null,
        public array $gone = [],
        public array $optional = [],
    ) {
        $this->keys = array_fill_keys(array_map(static fn (Place $place): string => $place->key, [...$places, ...$optional]), true);
    }

    /** Of the same thing, where several operations are done to it. */
    public function plus(self $other): self
    {
        return new self(
            $this->section,
            $this->part,
            $this->subject,
            $this->operations + $other->operations,
            self::once([...$this->places, ...$other->places]),
            array_values(array_unique([...$this->conditions, ...$other->conditions], SORT_REGULAR)),
            $this->size ?? $other->size,
            self::once([...$this->gone, ...$other->gone]),
            self::once([...$this->optional, ...$other->optional]),
        );
    }

    /** True for a place that is read for it. */
    public function reads(Place $place): bool
    {
        return isset($this->keys[$place->key]);
    }

    /** @return list<Criterion> */
    public function criteria(): array
    {
        return array_values(array_unique(array_merge(...array_values($this->operations)), SORT_REGULAR));
    }

    /** Key of the operation that is done again where a criterion fails: the first that it says anything of. */
    public function operationOf(Criterion $failing): string
    {
        foreach ($this->operations as $key => $criteria) {
            if (in_array($failing, $criteria, true)) {
                return $key;
            }
        }

        return array_key_first($this->operations);
    }

    /**
     * @param  list<Place>  $places
     * @return list<Place>
     */
    private static function once(array $places): array
    {
        $byKey = [];
        foreach ($places as $place) {
            $byKey[$place->key] = $place;
        }

        return array_values($byKey);
    }
}
