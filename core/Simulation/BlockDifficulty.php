<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

/** How hard a simulated block is to judge. */
enum BlockDifficulty: string
{
    /** Far on one side of every limit. */
    case Plain = 'plain';
    /** Near a limit, as far as the gauge can tell it. */
    case Close = 'close';
    /** And the gauge loses its zero on the way. */
    case Drifting = 'drifting';

    /** @return list<array{int, int}> What the wear can be, in thousandths of what is allowed */
    public function wear(): array
    {
        return match ($this) {
            self::Plain => [[150, 450], [1_600, 2_000]],
            self::Close => [[400, 1_300]],
            self::Drifting => [[200, 1_800]],
        };
    }
}
