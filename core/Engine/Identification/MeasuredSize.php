<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Identification;

use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;

/** A size that was measured on a part without papers, with the doubt of the gauge that read it. */
final readonly class MeasuredSize
{
    public function __construct(public KnownSize $of, public Length $size, public Uncertainty $doubt)
    {
    }

    /**
     * The size of a family that this one can be, the nearest first; null where none is within the gauge's doubt.
     *
     * @param  Length  $wear  See KnownSize::afterWear()
     */
    public function fitting(FamilySizes $family, Length $wear): ?OfferedSize
    {
        $nearest = $this->nearest($family, $wear);

        return $nearest === null || $this->isOutside($nearest, $wear) ? null : $nearest;
    }

    /** The size of a family that comes nearest; null where nothing is known of such a size. */
    public function nearest(FamilySizes $family, Length $wear): ?OfferedSize
    {
        $offered = $family->offered($this->of);
        usort($offered, fn (OfferedSize $a, OfferedSize $b): int => $this->rank($a, $wear) <=> $this->rank($b, $wear));

        return $offered[0] ?? null;
    }

    private function isOutside(OfferedSize $offered, Length $wear): bool
    {
        return $offered->distanceTo($this->size, $wear)->absolute()->isLargerThan($this->doubt->expanded());
    }

    /** @return array{int, int} How far it lies outside, in nanometres; then how far from what it was made to */
    private function rank(OfferedSize $offered, Length $wear): array
    {
        return [
            $offered->distanceTo($this->size, $wear)->absolute()->nanometres,
            $offered->distanceTo($this->size, Length::zero())->absolute()->nanometres,
        ];
    }
}
