<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\FinishLook;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Inspection\WorkKind;

/** What people read of a code, in the shop's language. */
final class Labels
{
    /** Codes whose lines stand with others of their kind. */
    private const ELSEWHERE = [Station::class => 'places.station', RidgeLook::class => 'looks', FinishLook::class => 'looks'];

    /** A code of the sheet or of the trade. */
    public static function code(BackedEnum $code): string
    {
        return Line::ofCode(self::ELSEWHERE[$code::class] ?? 'codes.'.strtolower(class_basename($code)), $code);
    }

    /** “an outside micrometer” */
    public static function withArticle(InstrumentKind $kind): string
    {
        return Line::ofCode('codes.a', $kind);
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
