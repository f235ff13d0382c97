<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

enum ValveTrain: string
{
    case OverheadValve = 'overhead valve';
    case OverheadCam = 'overhead cam';
    case SideValve = 'side valve';
}
