<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\SheetName;
use Closure;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Verification\Proofs\Proofs;

/** What was read of finished work since it was last worked, sheet by sheet (WORK-4). */
final class FreshReadings implements MeasuredSections
{
    /** @var array<string, SheetEntries> By section */
    private array $entries = [];

    /** @var array<string, Measurements> By section */
    private array $measurements = [];

    /** @param  Closure(Place): int  $lastBefore  The newest reading of a place from before it was worked again; 0 where all count */
    public function __construct(private readonly JobFile $file, private readonly Proofs $proofs, private readonly Closure $lastBefore)
    {
    }

    public function entries(Section $section): SheetEntries
    {
        return $this->entries[$section->value] ??= $this->file->record
            ->entries(SheetName::of($section, Occasion::Final))
            ->since($this->lastBefore);
    }

    public function measurements(Section $section): Measurements
    {
        return $this->measurements[$section->value] ??= $section !== Section::Bores
            ? $this->entries($section)->measurements($this->proofs->plan($section), $this->file->sheet, $this->file->policy)
            : Measurements::none();
    }
}
