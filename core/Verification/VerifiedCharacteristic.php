<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Gauging\Decision;
use NorthLedger\Core\Quantity\Length;

/** One finished characteristic against its limit, and where it was read. */
final readonly class VerifiedCharacteristic
{
    public function __construct(
        public FinishedCharacteristic $what,
        public Length $value,
        public Length $limit,
        public Decision $decision,
        public Place $place,
    ) {
    }
}
