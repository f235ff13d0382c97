<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** The steps of the checks, each marked with the time at which it was done. */
enum StepKind: string
{
    case Clean = 'clean';
    case Penetrant = 'penetrant';
    case Wipe = 'wipe';
    case Developer = 'developer';
    case Magnetise = 'magnetise';
    case Blank = 'blank off';
    case Pressurise = 'pressurise';
    case SendOut = 'send out';
    case Read = 'read';
    case Demagnetise = 'demagnetise';
    case Release = 'release';
    case Oil = 'oil';
}
