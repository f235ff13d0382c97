<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** One reading of an indication: how it looked, and what its timing is marked with (CRACK-2, CRACK-3). */
final readonly class LookReading
{
    /**
     * @param  list<TimingMark>  $marks
     * @param  ?CheckMethod  $method  By which it was seen; null where it was seen while measuring or machining
     */
    public function __construct(public Look $look, public array $marks = [], public ?CheckMethod $method = null)
    {
    }
}
