<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

/** Whether an engine can be rebuilt (VER-2). */
enum EngineVerdict: string
{
    case AsIs = 'as is';
    case WithMachining = 'with machining';
    case WithRepairs = 'with repairs';
    case No = 'no';
    case NotYetKnown = 'not yet known';
}
