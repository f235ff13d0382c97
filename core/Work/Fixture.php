<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** What a part is clamped in. The value is its identity; what people read of it stands in `lang/`. */
enum Fixture: string
{
    case PanRail = 'pan_rail';
    case MainLine = 'main_line';
    case LineRails = 'line_rails';
    case HoneCradle = 'hone_cradle';
    case BetweenCentres = 'between_centres';
    case ThrowBlocks = 'throw_blocks';
    case Rollers = 'rollers';
    case HeadTable = 'head_table';
    case HeadCradle = 'head_cradle';
    case RodMandrel = 'rod_mandrel';
}
