<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Precheck;

/** What may be answered beside fine and finding. */
enum AnswerKind: string
{
    case FineOrFinding = 'fine or finding';
    case Wash = 'wash';
    case Threads = 'threads';
    case Gap = 'gap';
    case LineBoreStep = 'line-bore step';
}
