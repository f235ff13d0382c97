<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** Something that was tried, and how much sooner the job would end by it. */
final readonly class Help
{
    /**
     * @param  string  $about  The operation, the job or the machine
     * @param  int  $othersLater  Minutes by which other jobs are later past due, all together; below zero where it helps them too
     * @param  int  $days  How many days sooner a part comes; 0 where it is about no part
     */
    public function __construct(
        public HelpKind $kind,
        public string $about,
        public int $minutesSooner,
        public int $othersLater,
        public int $days = 0,
    ) {
    }
}
