<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Drawings\SheetDrawings;
use App\Pages\GaugedFeature;
use App\Pages\Marks;
use App\Pages\PartMargin;
use App\Pages\PartSheetView;
use App\Pages\PartWalk;
use App\Pages\Stamp;
use App\Pages\WeightListLine;
use App\Record\JobFile;
use App\Record\WeightList;
use App\Storage\SheetName;
use App\Storage\User;
use NorthLedger\Core\Inspection\Section;

/** The parts of a sheet beside the bores that change with a reading. */
final class SectionFragments implements Fragments
{
    private ?PartSheetView $view = null;

    private ?PartWalk $way = null;

    private ?BalanceTable $balance = null;

    private ?RatioTable $ratios = null;

    public function __construct(
        private readonly JobFile $file,
        private readonly Section $section,
        private readonly ?User $reader,
        private readonly bool $showsAll,
        private readonly ?float $target = null,
        private readonly ?float $perTenThou = null,
    ) {
    }

    public function url(): string
    {
        return "/jobs/{$this->file->job->tag()}/sheets/{$this->section->value}";
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
        return GaugedFeature::onSheet($this->file, SheetName::of($this->section));
    }

    public function setup(): string
    {
        return view('parts.setup', ['setups' => $this->view()->setups, 'features' => $this->features()])->render();
    }

    public function drawing(): string
    {
        return match ($this->section) {
            Section::Weights => view('parts.weights', [
                'table' => $this->balance(),
                'listed' => WeightListLine::all($this->file),
                'from' => WeightList::of($this->file)->from ?? '',
            ])->render(),
            Section::Volumes => view('parts.volumes', ['table' => $this->ratios()])->render(),
            default => SheetDrawings::render($this->file, $this->section),
        };
    }

    public function table(): string
    {
        return view('parts.tables', ['view' => $this->view()])->render();
    }

    public function margin(): string
    {
        if (! app(Marks::class)->areShown) {
            return '';
        }

        return view('parts.margin', [
            'margin' => PartMargin::of($this->file, $this->section, $this->way(), $this->stamp()),
            'job' => $this->file->job,
            'sheet' => SheetName::of($this->section),
            'section' => $this->section,
            'suspects' => count($this->file->record->entries(SheetName::of($this->section))->suspects()),
            'mayWrite' => ! $this->file->job->is_closed && ($this->reader?->can('measure') ?? false),
            'file' => $this->file,
        ])->render();
    }

    public function walk(): array
    {
        return $this->way()->places();
    }

    private function way(): PartWalk
    {
        return $this->way ??= PartWalk::of($this->file, $this->section);
    }

    private function stamp(): ?Stamp
    {
        return match ($this->section) {
            Section::Weights => $this->balance()->stamp(),
            Section::Volumes => $this->ratios()->stamp(),
            default => null,
        };
    }

    private function balance(): BalanceTable
    {
        return $this->balance ??= BalanceTable::of($this->file);
    }

    private function ratios(): RatioTable
    {
        return $this->ratios ??= RatioTable::of($this->file, $this->target, $this->perTenThou);
    }

    private function view(): PartSheetView
    {
        return $this->view ??= PartSheetView::of($this->file, $this->section, $this->showsAll);
    }
}
