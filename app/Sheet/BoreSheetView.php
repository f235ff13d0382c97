<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\Marks;
use App\Pages\SetupLine;
use App\Pages\SheetCells;
use App\Pages\SheetRow;
use App\Record\JobFile;
use App\Storage\SheetName;
use App\Storage\StatedSetup;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;

/** The bore sheet as finished strings, row by row: what a page shows of it, and nothing it would have to compute. */
final readonly class BoreSheetView
{
    /**
     * @param  list<int>  $cylinders  That have a column
     * @param  array<int, string>  $marks  By cylinder: what tells its column from what it was before; none of finished work
     * @param  list<SheetRow>  $rows
     * @param  string  $base  What deviations are shown against
     */
    private function __construct(
        public array $cylinders,
        public array $marks,
        public array $rows,
        public string $base,
        public string $unit,
        public ?SetupLine $boreSetup,
        public ?SetupLine $pistonSetup,
    ) {
    }

    /**
     * @param  bool  $showsAllAxes  Also the axes and the land that are not needed, where nothing of them is read
     * @param  array<int, string>  $shown  By cylinder: marks of the columns that a page shows already; those are left out
     */
    public static function of(
        JobFile $file,
        SheetName $sheet,
        Marks $marking,
        bool $showsAllAxes = false,
        array $shown = [],
    ): self {
        $entries = $file->record->entries($sheet);
        $setup = $entries->gauges->current(BoreFeature::Bore);
        $base = self::base($file, $sheet, $setup);
        $placeMarks = BoreMarks::of($file, $sheet, $marking);
        $cells = new SheetCells($file, $entries, $base, $placeMarks, $marking->areShown);
        $rows = static fn (array $cylinders): BoreSheetRows => new BoreSheetRows($file, $sheet, $cells, $showsAllAxes, $cylinders);
        $marks = $sheet->occasion === Occasion::Incoming
            ? BoreColumns::of($file, $sheet, $base, $placeMarks, [$marking->areShown, $rows([])->which()])
            : [];
        $cylinders = array_values(
            array_filter(
                $file->sheet->layout->cylinders(),
                static fn (int $cylinder): bool => ! isset($marks[$cylinder]) || $marks[$cylinder] !== ($shown[$cylinder] ?? null),
            ),
        );

        return new self(
            $cylinders,
            $marks,
            $rows($cylinders)->all(),
            $file->display->size($base),
            $file->display->deviationUnit(),
            SetupLine::of($setup, $file),
            SetupLine::of($entries->gauges->current(BoreFeature::Piston), $file),
        );
    }

    /** Deviations are shown against the gauge's zero, so that the sheet says what the gauge said; else against the bore as made. */
    private static function base(JobFile $file, SheetName $sheet, ?StatedSetup $setup): Length
    {
        $step = $sheet->occasion === Occasion::Final ? $file->work()->chosen()?->step : $file->assessment()->step->value;

        return ($setup === null ? null : $file->record->entries($sheet)->gauges->zero($setup)) ??
            $file->sheet->bore->sizeAt($step ?? Length::zero());
    }
}
