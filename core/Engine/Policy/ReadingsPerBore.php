<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

use NorthLedger\Core\Engine\Places\Station;

/** How many diameters a bore is judged by (BORE-6): two axes at three heights, or at two, and then no form is stated. */
enum ReadingsPerBore: string
{
    case Six = 'six';
    case Four = 'four';

    /** @return non-empty-list<Station> Where thrust and inline are read */
    public function stations(): array
    {
        return $this === self::Six ? Station::JUDGED : [Station::Top, Station::Bottom];
    }
}
