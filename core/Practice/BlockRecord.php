<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Quantity\Length;

/** What somebody did at a simulated block before he judged it. */
final readonly class BlockRecord
{
    /**
     * @param  array<string, Length>  $read  What was read last, by place key
     * @param  int  $taken  Readings of bores, repeats included
     * @param  list<string>  $mistaken  Keys of the places that were looked at and called something else
     * @param  int  $notLookedAt  Places that are looked at, and nobody did
     * @param  bool  $wasCheckedBack  The gauge went back on its master after the last reading
     * @param  bool  $missedDrift  It had lost its zero, and nobody saw it in time
     */
    public function __construct(
        public array $read,
        public int $taken,
        public array $mistaken = [],
        public int $notLookedAt = 0,
        public bool $wasCheckedBack = true,
        public bool $missedDrift = false,
    ) {
    }
}
