<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Features\Precheck\WashMethod;
use NorthLedger\Core\Features\Precheck\WashRefusal;

/** What people read of the ways to wash a part. */
final class WashWords
{
    /** Short enough for a key on the sheet. */
    public static function short(WashMethod $method): string
    {
        return Line::ofCode('precheck.wash.short', $method);
    }

    public static function name(?WashMethod $method): string
    {
        return $method === null ? '' : Line::ofCode('precheck.wash.name', $method);
    }

    /** What can hurt whoever does it. */
    public static function caution(?WashMethod $method): string
    {
        return $method === null ? '' : Line::ofCode('precheck.wash.caution', $method);
    }

    /** Why not, and what instead; empty where nothing speaks against it. */
    public static function refusal(?WashRefusal $refusal, Material $metal): string
    {
        return $refusal === null ? '' : Line::ofCode('precheck.wash.refusal', $refusal, ['metal' => Labels::code($metal)]);
    }
}
