<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

/** What a method question is about. */
enum QuestionKind: string
{
    case Dwell = 'dwell';
    case Wash = 'wash';
    case Timing = 'timing';
    case CleanUp = 'clean up';
    case NextPlace = 'next place';
    case CutterSize = 'cutter size';
}
