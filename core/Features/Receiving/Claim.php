<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

use NorthLedger\Core\Quantity\Length;

/** One line of the paperwork that came with an engine (WORK-5). */
final readonly class Claim
{
    /**
     * @param  string  $id  Stable name of the one who keeps it
     * @param  ?int  $count  Null where the paperwork gives none
     * @param  ?Length  $step  The size step it claims; null where it gives none
     * @param  ?ClaimMatch  $judged  What a person says of it, where nothing here can tell
     */
    public function __construct(
        public string $id,
        public ClaimKind $kind,
        public string $where,
        public ?int $count,
        public ?Length $step,
        public ?ClaimMatch $judged = null,
    ) {
    }
}
