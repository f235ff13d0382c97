<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Message;

/** A crack for which no rule says what is done. */
final class NoDisposition extends CoreRefusal
{
    public static function for(Material $material, CrackZone $zone): self
    {
        return new self(new Message('refusal.cracks.no_disposition', ['material' => $material, 'zone' => $zone]));
    }
}
