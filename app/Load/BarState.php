<?php

declare(strict_types=1);

namespace App\Load;

/** What is to be seen of a piece of work at a glance. */
enum BarState: string
{
    case Done = 'done';
    case Running = 'running';
    case Planned = 'planned';
    case Pinned = 'pinned';
    case Late = 'late';
    case Proposed = 'proposed';

    public function sign(): string
    {
        return match ($this) {
            self::Done => '✓',
            self::Running => '▶',
            self::Late => '▲',
            self::Proposed => '?',
            self::Planned, self::Pinned => '',
        };
    }
}
