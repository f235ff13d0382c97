<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Roughness;

/** How far a journal may be from round, straight, true and smooth; each limit itself conforms (JRNL-2, JRNL-7). */
final readonly class JournalLimits
{
    public function __construct(
        public Length $outOfRound,
        public Length $taper,
        public Length $runout,
        public Roughness $smoothest,
        public Roughness $roughest,
    ) {
    }
}
