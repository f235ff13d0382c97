<?php

declare(strict_types=1);

namespace App\Load;

/** One piece of work as it is drawn on the load; lengths in the drawing's units. */
final readonly class Bar
{
    /**
     * @param  string  $code  Of the operation, “NL-0417/bore”; empty where it is done
     * @param  float  $middle  Of its width
     * @param  string  $number  “0417”, with its sign where there is room for both; empty where there is room for neither
     * @param  string  $upright  The number from bottom to top, where there is room for that only
     * @param  string  $sign  Above an upright number
     * @param  string  $work  “bore 1 to 8”; empty where there is no room for it
     * @param  string  $starts  A day and a time
     * @param  string  $mark  Of the pin that stands
     */
    public function __construct(
        public string $code,
        public string $address,
        public float $x,
        public float $width,
        public float $middle,
        public string $number,
        public string $upright,
        public string $sign,
        public string $work,
        public BarState $state,
        public bool $isPinned,
        public string $title,
        public string $starts,
        public string $mark,
        public bool $canMove,
    ) {
    }
}
