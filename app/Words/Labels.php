<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\WorkKind;

/** What people read of a code, in the shop's language. */
final class Labels
{
    /** A code of the sheet or of the trade; one whose line nobody wrote is its own English word. */
    public static function code(BackedEnum $code): string
    {
        $value = str_replace([', ', ' ', '-'], '_', (string) $code->value);

        return Line::ifThereIs('codes.'.strtolower(class_basename($code)).".{$value}") ?? (string) $code->value;
    }

    public static function criterion(Criterion $criterion): string
    {
        return Line::of("findings.criterion.{$criterion->value}");
    }

    public static function work(WorkKind $kind): string
    {
        return Line::of("findings.work.{$kind->value}");
    }
}
