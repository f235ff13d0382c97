<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\CellState;
use App\Pages\SheetCell;
use App\Record\SheetEntries;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Makes the cells of a traced wall, of wall thicknesses, pits and ring gaps. */
final readonly class WallCells
{
    public function __construct(private SheetEntries $entries, private LengthDisplay $display)
    {
    }

    public function of(Place $place): SheetCell
    {
        $value = $this->entries->length($place);
        if ($value === null) {
            return new SheetCell(
                $place->key(),
                '',
                '·',
                CellState::Missing,
                $place->words(),
                match ($place->feature) {
                    BoreFeature::Trace => 'beyond the radius as made',
                    BoreFeature::Wall => 'thickness, by ultrasonics',
                    BoreFeature::RingGap => 'squared in the bore, by feeler',
                    default => 'how deep beyond the reading',
                },
            );
        }
        $shown = $place->feature === BoreFeature::Trace ? $this->display->deviation($value) : $this->display->size($value);
        $standing = $this->entries->at($place)->current();
        $repeats = count($standing);

        return new SheetCell(
            $place->key(),
            $shown,
            $repeats > 1 ? "×{$repeats}" : '',
            CellState::Good,
            $place->words(),
            "reads {$shown}",
            $standing === [] ? 0 : end($standing)->id,
        );
    }
}
