<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Quantity\Length;

/** One operation of a work order at one place, with all that the person at the machine needs (WORK-1, WORK-1b). */
final readonly class Operation
{
    /** Null where it is not done to the bore of one cylinder. */
    public ?int $cylinder;

    private string $key;

    /**
     * @param  string  $place  Number of a cylinder, face, journal, housing or rod, or a valve; empty where it is done once
     * @param  ?Target  $target  Null where a look closes it and not a size
     * @param  ?Length  $step  What a face is cut by, what journals are ground under, what housings are bored over; null where that says
     *     nothing
     * @param  list<Note>  $notes  What the hand has to know beside it
     */
    public function __construct(
        public OperationKind $kind,
        public string $place = '',
        public ?Target $target = null,
        public ?Length $step = null,
        public array $notes = [],
    ) {
        $this->cylinder = $kind->isByCylinder() && $place !== '' ? (int) $place : null;
        $this->key = (new OperationKey($kind, $place))->written();
    }

    /** A hone without a size only deglazes. */
    public function onlyDeglazes(): bool
    {
        return $this->kind === OperationKind::Hone && $this->target === null;
    }

    /** True where the hand has to do the same by both. */
    public function isSameAs(self $other): bool
    {
        return $this->key() === $other->key() &&
            $this->notes == $other->notes &&
            $this->target == $other->target &&
            $this->step == $other->step;
    }

    /**
     * True where this has to be done again once the other is: metal is cut after it, in the same cylinder, at the same valve, or anywhere.
     */
    public function isUndoneBy(self $other): bool
    {
        $areOfOneKindOfPlace =
            ($this->cylinder !== null && $other->cylinder !== null) || ($this->kind->isByValve() && $other->kind->isByValve());

        return (! $areOfOneKindOfPlace || $this->place === $other->place) && in_array($other->kind, $this->kind->undoneBy(), true);
    }

    public function has(Note $note): bool
    {
        return array_filter($this->notes, static fn (Note $one): bool => $one == $note) !== [];
    }

    /** @return list<Caution> */
    public function cautions(): array
    {
        return Caution::of($this->kind);
    }

    /** Stable name within its order: `bore.3`, `wash`. */
    public function key(): string
    {
        return $this->key;
    }
}
