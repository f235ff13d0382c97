<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Quantity\Length;

/** The shims under a face, one for each support (DECK-2). */
final readonly class Shims
{
    /**
     * @param  list<Length>  $exact  The highest support has none
     * @param  list<Length>  $rounded  To those the shop has
     * @param  Length  $cutAfterRounding  What is still cut on the rounded ones
     * @param  Length  $rock  How far the rounded ones are from one plane
     */
    public function __construct(public array $exact, public array $rounded, public Length $cutAfterRounding, public Length $rock)
    {
    }
}
