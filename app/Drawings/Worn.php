<?php

declare(strict_types=1);

namespace App\Drawings;

use NorthLedger\Core\Quantity\Length;

/** Deviations drawn so that they can be seen: how many units a nanometre is worth, and the factor that is written beside it. */
final readonly class Worn
{
    private const FARTHEST = 14.0;

    private const SOME_WEAR_NM = 25_400;

    private function __construct(private float $unitsPerNanometre)
    {
    }

    /**
     * @param  list<Length>  $deviations  The largest of them is drawn as far as there is room
     * @param  ?Length  $least  Never exaggerated beyond this as the largest: else noise looks like wear; null where no limit says
     */
    public static function over(array $deviations, ?Length $least): self
    {
        return new self(
            self::FARTHEST /
                max(
                    $least->nanometres ?? self::SOME_WEAR_NM,
                    1,
                    ...array_map(static fn (Length $one): int => abs($one->nanometres), $deviations),
                ),
        );
    }

    public function units(Length $deviation): float
    {
        return max(-self::FARTHEST, min(self::FARTHEST, $deviation->nanometres * $this->unitsPerNanometre));
    }

    /** How many times larger a deviation is drawn than the part, whose size is drawn as so many units. */
    public function factor(Length $size, float $units): string
    {
        return '×'.number_format(($this->unitsPerNanometre * $size->nanometres) / $units, 0, '.', ' ');
    }
}
