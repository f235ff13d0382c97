<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;
use NorthLedger\Core\Work\Target;

/** The size that a journal, a housing or an eye was ordered to, and where it is read (WORK-4). */
final readonly class OrderedSize
{
    /** @param  list<Place>  $places */
    private function __construct(public Target $target, public array $places, private bool $growsByCutting)
    {
    }

    /** @param  list<Place>  $places */
    public static function ofJournal(Target $target, array $places): self
    {
        return new self($target, $places, false);
    }

    /** @param  list<Place>  $places */
    public static function ofBore(Target $target, array $places): self
    {
        return new self($target, $places, true);
    }

    public function range(): LengthRange
    {
        return LengthRange::between($this->target->least, $this->target->most);
    }

    /** What has to come off a size on diameter until it is what was aimed at; below zero where more is gone already. */
    public function stock(Length $size): Length
    {
        return $this->growsByCutting ? $this->target->aim->minus($size) : $size->minus($this->target->aim);
    }

    /**
     * @param  list<Reading>  $readings
     * @return ?Length On diameter, down to what was aimed at, where every reading that is out has metal left to come off; null where one
     *     has
     *     too little, or none is out
     */
    public function left(array $readings): ?Length
    {
        $sizes = array_map(static fn (Reading $reading): Length => $reading->corrected, $readings);
        $out = array_filter($sizes, fn (Length $size): bool => ! $this->target->holds($size));
        $cutTooFar = array_filter(
            $out,
            fn (Length $size): bool => $this->growsByCutting
                ? $size->isLargerThan($this->target->most)
                : $size->isSmallerThan($this->target->least),
        );
        if ($out === [] || $cutTooFar !== []) {
            return null;
        }

        return Length::largest(...array_map($this->stock(...), $sizes));
    }
}
