<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Record\JobFile;
use NorthLedger\Core\Inspection\Section;

/** The drawings of a sheet; one is found by its name, `app/Drawings/<Name>Drawing.php`, and need not be listed. */
final class SheetDrawings
{
    /** All that stand on a sheet, one below the other. */
    public static function render(JobFile $file, Section $section): string
    {
        $truth = app(Truth::class);
        $drawn = '';
        foreach (self::all() as $drawing) {
            if ($drawing::section($file->sheet) === $section) {
                $drawn .= view($drawing::view(), ['drawing' => $drawing::of($file, $truth)])->render();
            }
        }

        return $drawn;
    }

    /** @return list<class-string<SheetDrawing>> */
    private static function all(): array
    {
        /** @var list<class-string<SheetDrawing>> $all A function of the code that is installed, and of nothing else */
        static $all = [];
        foreach ($all === [] ? array_reverse(glob(__DIR__.'/*Drawing.php') ?: []) : [] as $file) {
            $class = __NAMESPACE__.'\\'.basename($file, '.php');
            if (is_subclass_of($class, SheetDrawing::class)) {
                $all[] = $class;
            }
        }

        return $all;
    }
}
