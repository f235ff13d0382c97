<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** Where an operation is done (WORK-1b). The value is its identity; what people read of it stands in `lang/`. */
enum Machine: string
{
    case Bench = 'bench';
    case Desk = 'desk';
    case WashTank = 'wash';
    case WeldingBench = 'welding';
    case LineBar = 'line';
    case BoringMill = 'mill';
    case Surfacer = 'surfacer';
    case Hone = 'hone';
    case CrankGrinder = 'grinder';
    case Polisher = 'polisher';
    case RodHone = 'rod_hone';
    case SeatMachine = 'seats';
    case Balancer = 'balancer';
    case Press = 'press';
}
