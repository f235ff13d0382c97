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
     * The size of a family that comes nearest; null where nothing is known of such a size.
     *
     * @param  Length  $wear  See KnownSize::afterWear()
     */
    public function nearest(FamilySizes $family, Length $wear): ?OfferedSize
    {
        [$nearest, $best] = [null, [PHP_INT_MAX, PHP_INT_MAX]];
        foreach ($family->offered($this->of) as $offered) {
            $rank = $this->rank($offered, $wear);
            if ($rank < $best) {
                [$nearest, $best] = [$offered, $rank];
            }
        }

        return $nearest;
    }

    /** True where a part of that size can measure this, by wear and by the gauge's doubt. */
    public function canBe(OfferedSize $offered, Length $wear): bool
    {
        return ! $offered->distanceTo($this->size, $wear)->absolute()->isLargerThan($this->doubt->expanded());
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
