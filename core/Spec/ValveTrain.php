<?php

declare(strict_types=1);

namespace NorthLedger\Core\Spec;

enum ValveTrain: string
{
    case OverheadValve = 'overhead valve';
    case OverheadCam = 'overhead cam';
    case SideValve = 'side valve';
}
