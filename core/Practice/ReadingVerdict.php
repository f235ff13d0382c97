<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

/** What is to be said of an answer: right, a mistake that has a name, or wrong (PRAC-1). */
enum ReadingVerdict: string
{
    case Right = 'right';
    case OneBarrelLine = 'one barrel line';
    case VernierNotRead = 'vernier not read';
    case Sign = 'sign';
    case ReadBackwards = 'read backwards';
    case OneRevolution = 'one revolution';
    case Wrong = 'wrong';
}
