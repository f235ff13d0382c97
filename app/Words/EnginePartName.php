<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** What a part of an engine is called: the block of some is a case. */
final class EnginePartName
{
    public static function of(SpecificationSheet $sheet, EnginePart $part): string
    {
        return Messages::text($sheet->nameOf($part));
    }
}
