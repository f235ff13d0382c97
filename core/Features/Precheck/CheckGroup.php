<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Precheck;

/** What the lines of the checklist stand under. */
enum CheckGroup: string
{
    case Wash = 'wash';
    case GasketFaces = 'gasket_faces';
    case DatumFaces = 'datum_faces';
    case Passages = 'passages';
    case Threads = 'threads';
    case Housings = 'housings';
    case Looks = 'looks';
}
