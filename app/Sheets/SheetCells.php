<?php

declare(strict_types=1);

namespace App\Sheets;

use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Judgement\Spread;
use NorthLedger\Core\Quantity\Length;

/** Makes the cells of one sheet. */
final readonly class SheetCells
{
    /** @param  array<string, CellState>  $marks  By place key */
    public function __construct(private JobFile $file, private SheetEntries $entries, private Length $base, private array $marks)
    {
    }

    public function length(Place $place): SheetCell
    {
        $reading = $this->entries->reading($place, $this->file->sheet, $this->file->policy);
        if ($reading === null) {
            return $this->missing($place, '');
        }
        $display = $this->file->display;
        $size = $display->size($reading->corrected);
        $isBore = $place->feature === Feature::Bore;
        $repeats = count($reading->repeats) > 1 ? ' ×'.count($reading->repeats) : '';
        $state = $this->entries->isSuspect($place) ? CellState::Suspect : ($this->marks[$place->key()] ?? CellState::Good);

        return new SheetCell(
            $place->key(),
            $isBore ? $display->deviation($reading->measured->minus($this->base)) : $size,
            $isBore ? $size.$repeats : ltrim($repeats),
            $state,
            $place->words(),
            "reads {$display->sizeWithUnit($reading->corrected)}",
        );
    }

    public function look(Place $place): SheetCell
    {
        $stored = $this->entries->at($place)->newest()?->look;
        if ($stored === null) {
            return $this->missing($place, LookCodes::legend($place->feature));
        }
        $words = LookCodes::shown($place->feature, $stored);
        $state = $this->marks[$place->key()] ?? CellState::Good;

        return new SheetCell($place->key(), '', $words, $state, $place->words(), LookCodes::legend($place->feature));
    }

    public function spread(?Spread $spread, Length $limit): SheetCell
    {
        if ($spread === null) {
            return new SheetCell(null, '', '–', CellState::Missing);
        }
        $isOut = $spread->value()->isLargerThan($limit);
        $shown = $this->file->display->magnitude($spread->value());

        return new SheetCell(null, $shown, '', $isOut ? CellState::Out : CellState::Good);
    }

    private function missing(Place $place, string $prompt): SheetCell
    {
        return new SheetCell($place->key(), '', '·', CellState::Missing, $place->words(), $prompt);
    }
}
