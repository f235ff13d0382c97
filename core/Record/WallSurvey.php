<?php

declare(strict_types=1);

namespace NorthLedger\Core\Record;

use NorthLedger\Core\Quantity\Length;

/**
 * What is known of a cylinder's wall beside its diameters: the wall traced from the original axis (BORE-8), its
 * thickness by direction (BORE-9), and how deep the deepest pit or score goes beyond the reading (BORE-7).
 */
final readonly class WallSurvey
{
    /**
     * @param  list<WallReading>  $traced  Beyond the radius as made; worn is positive
     * @param  list<WallReading>  $thicknesses
     * @param  ?Length  $pitDepth  Radial; null where nobody has measured one
     */
    public function __construct(public array $traced, public array $thicknesses, public ?Length $pitDepth)
    {
    }

    public static function none(): self
    {
        return new self([], [], null);
    }
}
