<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

/** What somebody did at a simulated engine before he judged it. */
final readonly class EngineRecord
{
    /**
     * @param  list<string>  $off  Keys of the places whose reading or look is off by more than gauge and hand explain
     * @param  int  $missing  Places that were wanting before a part could be told
     * @param  int  $needless  Readings of bores beyond those that settle them (BORE-5)
     * @param  int  $unchecked  Parts that nobody looked at for cracks
     * @param  int  $misplaced  Lines that showed and are not on the map, or are on it and never showed
     * @param  bool  $missedDrift  The bore gauge had lost its zero, and nobody saw it in time
     */
    public function __construct(
        public array $off,
        public int $missing,
        public int $needless,
        public int $unchecked,
        public int $misplaced,
        public bool $missedDrift,
    ) {
    }
}
