<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

/** What the cuts over a face did to a valve seat that stands in it; the value is its identity. */
enum SeatTouch: string
{
    case Untouched = 'untouched';
    /** Bright in places, and as high as before. */
    case Kissed = 'kissed';
    /** Cut all round: it is lower now. */
    case Cut = 'cut';

    /** No pass takes back what one before it did. */
    public function orWorse(self $other): self
    {
        $order = array_flip(array_column(self::cases(), 'value'));

        return $order[$other->value] > $order[$this->value] ? $other : $this;
    }
}
