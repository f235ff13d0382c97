<?php

declare(strict_types=1);

namespace App\Stages\Work;

/** How an operation stands at one place. The value is the class of its cell. */
enum CellState: string
{
    case Done = 'done';
    case DoneOut = 'past';
    case LeftOut = 'left';
    case Open = 'open';
    case Waiting = 'waits';
    case Stopped = 'held';

    public function isClosed(): bool
    {
        return in_array($this, [self::Done, self::DoneOut, self::LeftOut], true);
    }

    public function sign(): string
    {
        return match ($this) {
            self::Done => '✓',
            self::DoneOut, self::Stopped => '▲',
            self::LeftOut => '–',
            self::Open => '○',
            self::Waiting => '',
        };
    }
}
