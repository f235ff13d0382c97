<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Http\ShownUnit;
use App\Pages\Marks;
use App\Record\JobFile;
use App\Storage\SheetName;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;

/** What a sheet's page is told after a write, or when somebody else wrote: every part of it that changes. */
final class SheetAnswer
{
    public static function of(Request $request, JobFile $file, SheetName $sheet): JsonResponse
    {
        $parts = self::parts($request, $file, $sheet);

        return new JsonResponse([
            'head' => $file->job->entries,
            'fragments' => [
                'drawing' => $parts->drawing(),
                'table' => $parts->table(),
                'margin' => $parts->margin(),
                'setup' => $parts->setup(),
            ],
            'walk' => $parts->walk(),
        ]);
    }

    /** The parts of the page that asks: the sheet of all bores, or one bore's own. */
    public static function parts(Request $request, JobFile $file, SheetName $sheet): Fragments
    {
        $shown = ShownUnit::of($request, $file);
        $cylinder = $request->route('cylinder');
        if ($sheet->section !== Section::Bores && $sheet->occasion === Occasion::Final) {
            return new FinishedFragments($shown, $sheet, $request->user());
        }
        if ($sheet->section !== Section::Bores) {
            return new SectionFragments(
                $shown,
                $sheet->section,
                $request->user(),
                ShownAxes::areAll($request),
                self::number($request, 'ratio'),
                self::number($request, 'loss'),
            );
        }

        return $cylinder === null
            ? new BoreSheetFragments(
                $shown,
                $sheet,
                $request->user(),
                ShownAxes::areAll($request),
                ShownBores::of($request, $file),
                app(Marks::class),
            )
            : new BoreFragments($shown, self::cylinder($file, (string) $cylinder), $request->user());
    }

    private static function cylinder(JobFile $file, string $number): int
    {
        abort_unless(ctype_digit($number) && in_array((int) $number, $file->sheet->layout->cylinders(), true), 404);

        return (int) $number;
    }

    private static function number(Request $request, string $name): ?float
    {
        return is_numeric($request->query($name)) ? (float) $request->query($name) : null;
    }
}
