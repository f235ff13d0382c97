<?php

declare(strict_types=1);

namespace App\Words;

use App\Storage\SheetName;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;

/** What a section of the inspection is called. */
final class SectionName
{
    public static function of(Section $section): string
    {
        return Line::ofCode('places.section', $section);
    }

    /** “Crankshaft, final” */
    public static function ofSheet(SheetName $sheet): string
    {
        return $sheet->occasion === Occasion::Incoming
            ? self::of($sheet->section)
            : self::of($sheet->section).', '.Line::ofCode('places.occasion', $sheet->occasion);
    }
}
