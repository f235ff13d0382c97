<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Gauging\Decision;
use NorthLedger\Core\Quantity\Length;

/** One finished characteristic against its limit: largest and smallest size, out-of-round, taper. */
final readonly class VerifiedCharacteristic
{
    public function __construct(
        public string $name,
        public Length $value,
        public Length $limit,
        public Decision $decision,
    ) {
    }
}
