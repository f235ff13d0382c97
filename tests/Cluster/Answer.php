<?php

declare(strict_types=1);

namespace Tests\Cluster;

/** What the house said of one reading. */
final readonly class Answer
{
    /**
     * @param  string  $kind  `kept` or `refused`
     * @param  int  $number  Milliseconds that it took, of what was kept; the status of what was refused
     * @param  float  $time  When, in seconds
     */
    public function __construct(
        public int $writer,
        public string $kind,
        public string $request,
        public int $number,
        public float $time,
    ) {
    }
}
