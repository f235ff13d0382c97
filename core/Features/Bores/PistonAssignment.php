<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/**
 * Which measured piston goes into which bore so that the clearances are as even as they can be: the largest into the
 * largest. No other way has a smaller spread of clearances, nor a smaller largest or a larger smallest one.
 */
final readonly class PistonAssignment
{
    /**
     * @param  array<int, int>  $pistons  Number of the piston, by cylinder
     * @param  array<int, Length>  $clearances  By cylinder
     */
    private function __construct(public array $pistons, public array $clearances)
    {
    }

    /**
     * @param  non-empty-array<int, Length>  $bores  Sizes by cylinder
     * @param  array<int, Length>  $pistons  Sizes by number, one for each bore
     *
     * @throws PlanningException If there is not one piston for each bore
     */
    public static function mostEven(array $bores, array $pistons): self
    {
        if (count($bores) !== count($pistons)) {
            throw PlanningException::unequalCounts();
        }
        $bySize = static fn (Length $a, Length $b): int => $a->nanometres <=> $b->nanometres;
        uasort($bores, $bySize);
        uasort($pistons, $bySize);
        $assigned = array_combine(array_keys($bores), array_keys($pistons));
        ksort($assigned);

        return self::of($bores, $pistons, $assigned);
    }

    /**
     * @param  array<int, Length>  $bores  By cylinder
     * @param  array<int, Length>  $pistons  By number
     * @param  array<int, int>  $assigned  Piston by cylinder
     */
    public static function of(array $bores, array $pistons, array $assigned): self
    {
        $clearances = [];
        foreach ($assigned as $cylinder => $piston) {
            $clearances[$cylinder] = $bores[$cylinder]->minus($pistons[$piston]);
        }

        return new self($assigned, $clearances);
    }

    /** Largest less smallest clearance. */
    public function spread(): Length
    {
        return Length::largest(...array_values($this->clearances))->minus(Length::smallest(...array_values($this->clearances)));
    }
}
