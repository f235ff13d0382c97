<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\GaugedFeature;
use App\Pages\PartSheetView;
use App\Pages\PartWalk;
use App\Record\JobFile;
use App\Storage\SheetName;
use App\Storage\User;

/** The parts of a finished sheet beside the bores that change with a reading. */
final class FinishedFragments implements Fragments
{
    private ?PartSheetView $view = null;

    private ?PartWalk $way = null;

    public function __construct(private readonly JobFile $file, private readonly SheetName $sheet, private readonly ?User $reader)
    {
    }

    public function url(): string
    {
        return "/jobs/{$this->file->job->tag()}/sheets/{$this->sheet->value}";
    }

    public function gauges(): GaugeChoices
    {
        return GaugeChoices::inUse($this->file->entryDisplay());
    }

    public function keys(): array
    {
        return SheetKeys::ofParts();
    }

    public function features(): array
    {
        return GaugedFeature::onSheet($this->file, $this->sheet);
    }

    public function setup(): string
    {
        return view('parts.setup', ['setups' => $this->view()->setups, 'features' => $this->features()])->render();
    }

    public function drawing(): string
    {
        return '';
    }

    /** The readings; below them what each thing was, what was ordered, and what it is now. */
    public function table(): string
    {
        return view('verify.part-tables', [
            'view' => $this->view(),
            'lines' => FinishedLine::all($this->file, $this->sheet->section),
        ])->render();
    }

    public function margin(): string
    {
        return view('verify.part-margin', [
            'margin' => FinishedMargin::of($this->file, $this->sheet->section, $this->way()),
            'file' => $this->file,
            'job' => $this->file->job,
            'sheet' => $this->sheet,
            'suspects' => count($this->file->record->entries($this->sheet)->suspects()),
            'mayWrite' => ! $this->file->job->is_closed && ($this->reader?->can('measure') ?? false),
            'mayDecide' => ! $this->file->job->is_closed && ($this->reader?->can('verify') ?? false),
        ])->render();
    }

    public function walk(): array
    {
        return $this->way()->places();
    }

    private function way(): PartWalk
    {
        return $this->way ??= PartWalk::finished($this->file, $this->sheet->section);
    }

    private function view(): PartSheetView
    {
        return $this->view ??= PartSheetView::finished($this->file, $this->sheet->section);
    }
}
