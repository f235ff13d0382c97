<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** What a text in shop notation stands for: a length, or a size step against the standard size (QTY-2). */
enum NotationMeaning: string
{
    case Length = 'length';
    case Step = 'step';
}
