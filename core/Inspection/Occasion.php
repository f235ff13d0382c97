<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

/** When a section of an engine is read: as it came, while it is worked on, or finished. */
enum Occasion: string
{
    case Incoming = 'incoming';
    case InProcess = 'in-process';
    case Final = 'final';
}
