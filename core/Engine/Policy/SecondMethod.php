<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** Whether a part is scrapped for a crack that one surface method showed (CRACK-5b). */
enum SecondMethod: string
{
    case Asked = 'asked for';
    case NotAsked = 'not asked for';
}
