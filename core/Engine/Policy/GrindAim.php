<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** The schools of where in its range a journal is ground to (JRNL-4). */
enum GrindAim: string
{
    case Middle = 'middle';
    case High = 'high';
    case Low = 'low';

    public function explanation(): string
    {
        return match ($this) {
            self::Middle => 'Journals are ground to the middle of their range.',
            self::High => 'To its upper end: the tightest clearance, and room to polish once more.',
            self::Low => 'To its lower end: the widest clearance, for thick oil or hard use.',
        };
    }
}
