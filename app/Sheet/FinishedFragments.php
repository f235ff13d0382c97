<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\GaugedFeature;
use App\Pages\PartSheetView;
use App\Pages\PartWalk;
use App\Record\JobFile;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\Line;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;

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
        return view('verify.setup', [
            'setups' => $this->view()->setups,
            'features' => $this->features(),
            'toState' => $this->toState(),
        ])->render();
    }

    /** The ordered conditions that were not stated last; empty where all of them were. */
    private function toState(): string
    {
        $setups = $this->file->record->entries($this->sheet)->gauges->setups;
        $stated = $setups === [] ? Conditions::notStated() : end($setups)->conditions;
        $ordered = [];
        foreach ($this->file->work()->verification()->part($this->sheet->section) as $feature) {
            $ordered = [...$ordered, ...$feature->proof->conditions];
        }
        $isLacking = static fn (OrderedCondition $one): bool => ! $one->isStatedIn($stated);
        $lacking = array_filter(array_unique($ordered, SORT_REGULAR), $isLacking);
        $words = array_map(static fn (OrderedCondition $one): string => Line::ofCode('verify.condition', $one), $lacking);

        $isAsked = $words !== [] && ! $this->file->job->is_closed;

        return $isAsked ? Line::of('verify.to_state', ['conditions' => implode(', ', $words)]) : '';
    }

    /** Of weights: which pieces go together as they are now. */
    public function drawing(): string
    {
        return $this->sheet->section === Section::Weights
            ? view('parts.weights', ['table' => BalanceTable::asItIsNow($this->file), 'listed' => [], 'from' => ''])->render()
            : '';
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
