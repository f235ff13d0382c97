<?php

declare(strict_types=1);

namespace App\Machines;

/** What one job has to do at a machine, ready to show. */
final readonly class MachineLine
{
    /**
     * @param  string  $can  “bore 3, 1, 4”; empty where it waits
     * @param  string  $waits  “bore 2: after sleeve”; empty where nothing does
     * @param  string  $since  When it was begun and is not ended; empty where it is not clamped
     * @param  int  $starts  The minute from now in which the load has it begin; the last there is where it is not planned
     * @param  string  $planned  The same as a day and a time; empty where it is not planned
     */
    public function __construct(
        public string $tag,
        public string $engine,
        public string $customer,
        public string $due,
        public bool $isLate,
        public string $address,
        public string $can,
        public string $waits,
        public string $since,
        public int $starts,
        public string $planned,
    ) {
    }
}
