<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Identification;

use NorthLedger\Core\Quantity\Length;

/** A family, held against what was measured. */
final readonly class Candidate
{
    /**
     * @param  array<string, OfferedSize>  $fits  The size that each measured one can be, by KnownSize
     * @param  array<string, Length>  $off  How far the nearest size lies from each measured one that fits none, by KnownSize
     * @param  list<KnownSize>  $unknown  Measured, and nothing is known of it in this family
     */
    private function __construct(
        public FamilySizes $family,
        public array $fits,
        public array $off,
        public array $unknown,
        public bool $bearsCasting,
    ) {
    }

    /** @param  list<MeasuredSize>  $measured */
    public static function of(FamilySizes $family, array $measured, string $casting, Length $wear): self
    {
        $fits = $off = $unknown = [];
        foreach ($measured as $one) {
            $nearest = $one->nearest($family, $wear);
            if ($nearest === null) {
                $unknown[] = $one->of;
            } elseif ($one->canBe($nearest, $wear)) {
                $fits[$one->of->value] = $nearest;
            } else {
                $off[$one->of->value] = $nearest->distanceTo($one->size, $wear);
            }
        }

        return new self($family, $fits, $off, $unknown, $casting !== '' && $family->bears($casting));
    }

    /** True where nothing that was measured speaks against it, and something speaks for it. */
    public function isPossible(): bool
    {
        return $this->off === [] && ($this->fits !== [] || $this->bearsCasting);
    }

    /** How much speaks for it. */
    public function evidence(): int
    {
        return count($this->fits) + ($this->bearsCasting ? 1 : 0);
    }

    /** How far it is off in all. */
    public function distance(): int
    {
        return array_sum(array_map(static fn (Length $off): int => $off->absolute()->nanometres, $this->off));
    }
}
