<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

/** What kind of value is read at a place, and in what it is kept (QTY-1, QTY-6). */
enum Measurand: string
{
    /** A size against its nominal, in nanometres. */
    case Size = 'size';
    /** A small length that is never below zero, in nanometres: a depth, a play, a run-out. */
    case Distance = 'distance';
    /** A small length with a sign, in nanometres: a height, an offset. */
    case Offset = 'offset';
    /** In micrograms. */
    case Mass = 'mass';
    /** Ra in nanometres. */
    case Roughness = 'roughness';
    /** In cubic millimetres. */
    case Volume = 'volume';
    /** How much a cylinder compresses, to 1: computed, and read at no place. */
    case Ratio = 'ratio';
    /** One of a few words. */
    case Look = 'look';

    /** True where a gauge with a zero reads it, so that it has a doubt. */
    public function isLength(): bool
    {
        return $this === self::Size || $this === self::Distance || $this === self::Offset;
    }
}
