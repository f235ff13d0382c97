<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** One operation of a work order, with all that the person at the machine needs (WORK-1). */
final readonly class Operation
{
    /**
     * @param  ?int  $cylinder  Null where it concerns the whole block
     * @param  ?Target  $target  Null where a look closes it and not a size
     * @param  list<Caution>  $cautions
     */
    public function __construct(
        public OperationKind $kind,
        public ?int $cylinder,
        public ?Target $target,
        public string $instruction,
        public string $tool,
        public string $check,
        public array $cautions,
    ) {
    }

    /** A hone without a size only deglazes. */
    public function title(): string
    {
        return $this->kind === OperationKind::Hone && $this->target === null ? 'Deglaze hone' : $this->kind->title();
    }

    /** True where the hand has to do the same by both. */
    public function isSameAs(self $other): bool
    {
        return $this->key() === $other->key() && $this->instruction === $other->instruction && $this->target == $other->target;
    }

    /** True where this has to be done again once the other is: metal is cut after it, in the same cylinder or anywhere. */
    public function isUndoneBy(self $other): bool
    {
        $meet = $this->cylinder === null || $other->cylinder === null || $this->cylinder === $other->cylinder;

        return $meet && in_array($other->kind, $this->kind->undoneBy(), true);
    }

    /** Stable name within its order: `bore.3`, `clean`. */
    public function key(): string
    {
        return $this->kind->value.($this->cylinder === null ? '' : '.'.$this->cylinder);
    }
}
