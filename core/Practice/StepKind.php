<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

/** What is looked at in one step of reading an instrument. */
enum StepKind: string
{
    case Frame = 'frame';
    case Numbered = 'numbered';
    case Line = 'line';
    case Thimble = 'thimble';
    case Vernier = 'vernier';
    case Turns = 'turns';
    case Hand = 'hand';
    case LargerSide = 'larger side';
    case SmallerSide = 'smaller side';
    case Blades = 'blades';
}
