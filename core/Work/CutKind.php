<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** Which cut a setting is for. */
enum CutKind: string
{
    case ParentRough = 'parent_rough';
    case ParentFinish = 'parent_finish';
    case Finish = 'finish';
}
