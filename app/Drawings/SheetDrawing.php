<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Record\JobFile;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\Section;

/** A drawing that stands on a sheet beside the bores: coordinates and finished strings for a view. */
interface SheetDrawing
{
    /** The sheet it stands on; null where an engine has nothing to draw of it. */
    public static function section(SpecificationSheet $sheet): ?Section;

    /** The view that it is drawn with, as `drawing`. */
    public static function view(): string;

    public static function of(JobFile $file, Truth $truth): self;
}
