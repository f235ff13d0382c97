<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** What a part is called that nobody has checked for cracks: not yet known, or good with a word of warning (CRACK-5a). */
enum CrackCheckNeed: string
{
    case Needed = 'needed';
    case Advised = 'advised';
}
