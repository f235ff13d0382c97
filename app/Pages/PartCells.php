<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Record\LookCodes;
use App\Record\SheetEntries;
use App\Words\AmountDisplay;
use App\Words\GaugesUsed;
use App\Words\Labels;
use App\Words\Line;
use App\Words\PlaceName;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\CharacteristicRow;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\RoughnessNotation;

/** Makes the cells of one sheet beside the bores. */
final readonly class PartCells
{
    private AmountDisplay $amounts;

    private bool $isMarked;

    /** @param  array<string, CellState>  $marks  By place key */
    public function __construct(private JobFile $file, private SheetEntries $entries, private array $marks)
    {
        $this->amounts = new AmountDisplay($file->display);
        $this->isMarked = app(Marks::class)->areShown;
    }

    /** @return 'reading'|'look' */
    public function kind(CharacteristicRow $row): string
    {
        $first = array_values(array_filter($row->cells))[0] ?? null;

        return $first?->place->feature->measurand() === Measurand::Look ? 'look' : 'reading';
    }

    public function isAnyRead(CharacteristicRow $row): bool
    {
        return array_filter(
            $row->cells,
            fn (?Characteristic $one): bool => $one !== null && $this->entries->at($one->place)->newest() !== null,
        ) !== [];
    }

    public function cell(?Characteristic $one): SheetCell
    {
        if ($one === null) {
            return new SheetCell(null, '', '', CellState::Good);
        }
        $place = $one->place;
        $newest = $this->entries->at($place)->newest();
        if ($newest === null) {
            return new SheetCell($place->key, '', '·', CellState::Missing, PlaceName::of($place), $this->prompt($one), 0, $one->isNeeded);
        }
        $state = $this->entries->isSuspect($place) ? CellState::Suspect : $this->marks[$place->key] ?? CellState::Good;
        $count = count($this->entries->at($place)->current());
        $repeats = $count > 1 ? "×{$count}" : '';
        if ($newest->look !== null) {
            return new SheetCell(
                $place->key,
                '',
                LookCodes::shown($place->feature, $newest->look),
                $state,
                PlaceName::of($place),
                LookCodes::legend($place->feature),
                $newest->id,
                $one->isNeeded,
                true,
            );
        }

        return new SheetCell(
            $place->key,
            $this->shown($place),
            trim($repeats.$this->doubt($place, $state)),
            $state,
            PlaceName::of($place),
            Line::of('sheet.reads', ['value' => $this->amounts->withUnit($this->amount($place)).$this->doubtInWords($place)]),
            $newest->id,
            $one->isNeeded,
        );
    }

    /** What a finding computes, below the readings it rests on. */
    public function derived(?Finding $finding): SheetCell
    {
        return $finding?->value === null
            ? new SheetCell(null, '', '–', CellState::Missing)
            : new SheetCell(
                null,
                $this->amounts->text($finding->value),
                '',
                $this->isMarked ? CellState::ofFinding($finding) : CellState::Good,
            );
    }

    /**
     * The drawing beside the table that shows a place, by the beginning of the place's name: one for each journal, housing, rod or face.
     */
    public static function view(Place $place): string
    {
        return PlaceName::part($place);
    }

    /** A height that a gauge showed as a size is shown as that size; one from an indicator as its deviation (DECK-1). */
    private function shown(Place $place): string
    {
        $newest = $this->entries->at($place)->newest();
        $setup = $this->entries->gauges->setups[(int) $newest?->setupId] ?? null;
        $isSize =
            in_array($place->feature, [FaceFeature::DeckPoint, FaceFeature::HeadPoint, FaceFeature::PistonToDeck], true) &&
            $setup?->instrument->showsSizes() === true &&
            $newest?->nanometres !== null;

        return $isSize
            ? $this->file->display->size(Length::ofNanometres((int) $this->entries->mean($place)))
            : $this->amounts->text($this->amount($place));
    }

    private function amount(Place $place): Amount
    {
        $measurand = $place->feature->measurand();
        $reading = $measurand->isLength() ? $this->entries->reading($place, $this->file->sheet, $this->file->policy) : null;

        return Amount::of($measurand, $reading === null ? $this->entries->mean($place) : $reading->corrected->nanometres);
    }

    private function doubt(Place $place, CellState $state): string
    {
        $reading = $this->entries->reading($place, $this->file->sheet, $this->file->policy);

        return $reading === null || ! in_array($state, [CellState::Close, CellState::Undecided], true)
            ? ''
            : ' ±'.$this->file->display->magnitude($reading->sizeUncertainty()->expanded());
    }

    private function doubtInWords(Place $place): string
    {
        $reading = $this->entries->reading($place, $this->file->sheet, $this->file->policy);

        return $reading === null ? '' : ' ±'.$this->file->display->magnitudeWithUnit($reading->sizeUncertainty()->expanded());
    }

    private function prompt(Characteristic $one): string
    {
        $feature = $one->place->feature;
        $stated = $this->entries->gauges->current($feature);

        return match ($feature->measurand()) {
            Measurand::Look => LookCodes::legend($feature),
            Measurand::Mass => Line::of('sheet.prompt.mass'),
            Measurand::Roughness => Line::of('sheet.prompt.roughness', ['unit' => RoughnessNotation::unit($this->file->sheet->unit)]),
            Measurand::Volume => Line::of('sheet.prompt.volume'),
            default => match (true) {
                $stated !== null => GaugesUsed::gauge($stated),
                $feature->needsStatedGauge() => Line::of('sheet.prompt.state_gauge'),
                default => Labels::code(UsualGauge::of($feature, $one->nominal)),
            },
        };
    }
}
