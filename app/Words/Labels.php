<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\WorkKind;

/** What people read of a code, in the shop's language. */
final class Labels
{
    public static function criterion(Criterion $criterion): string
    {
        return Line::of("findings.criterion.{$criterion->value}");
    }

    public static function work(WorkKind $kind): string
    {
        return Line::of("findings.work.{$kind->value}");
    }
}
