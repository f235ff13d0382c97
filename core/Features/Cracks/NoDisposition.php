<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\CoreException;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Material;

/** A crack for which no rule says what is done. */
final class NoDisposition extends \DomainException implements CoreException
{
    public static function for(Material $material, CrackZone $zone): self
    {
        return new self(
            "No rule says what is done about a crack in {$material->value}, {$zone->value}. Decide it with a specialist, and write ".
                'down what they said.',
        );
    }
}
