<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\CellState;
use App\Pages\SheetCell;
use App\Record\SheetEntries;
use App\Words\Line;
use App\Words\PlaceName;
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
                $place->key,
                '',
                '·',
                CellState::Missing,
                PlaceName::of($place),
                match ($place->feature) {
                    BoreFeature::Trace => Line::of('sheet.prompt.trace'),
                    BoreFeature::Wall => Line::of('sheet.prompt.wall'),
                    BoreFeature::RingGap => Line::of('sheet.prompt.ring_gap'),
                    default => Line::of('sheet.prompt.depth'),
                },
            );
        }
        $shown = $place->feature === BoreFeature::Trace ? $this->display->deviation($value) : $this->display->size($value);
        $standing = $this->entries->at($place)->current();
        $repeats = count($standing);

        return new SheetCell(
            $place->key,
            $shown,
            $repeats > 1 ? "×{$repeats}" : '',
            CellState::Good,
            PlaceName::of($place),
            Line::of('sheet.reads', ['value' => $shown]),
            $standing === [] ? 0 : end($standing)->id,
        );
    }
}
