<?php

declare(strict_types=1);

namespace App\Pages;

use App\Words\Line;
use NorthLedger\Core\Features\Bores\BlockToPlan;
use NorthLedger\Core\Features\Bores\CleanUp;
use NorthLedger\Core\Features\Bores\CylinderToPlan;
use NorthLedger\Core\Features\Bores\RequiredBore;
use NorthLedger\Core\Features\Bores\WallLeft;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** What one size would do to one bore: whether it cleans up, with which shift of the centre, and the wall it leaves. */
final readonly class BoreNeed
{
    private function __construct(
        public string $key,
        public string $name,
        public Length $size,
        public Length $shift,
        public float $direction,
        public string $words,
        public CellState $state,
    ) {
    }

    public static function of(
        BlockToPlan $block,
        CylinderToPlan $cylinder,
        RequiredBore $required,
        Length $step,
        LengthDisplay $display,
    ): self {
        $size = $block->nominal->plus($step);
        $cleanUp = $required->at($size);
        $shift = match (true) {
            $cleanUp === CleanUp::OnCentre => Length::zero(),
            $cylinder->map !== null => $cylinder->map->shiftAt($size->minus($cylinder->pitDepth->times(2))),
            default => $required->shiftAt($size),
        };
        $wall = WallLeft::of($cylinder, $block->standardWall, $block->currentStep, $size->minus($block->asMade()), $shift->times(2));
        $isThin = $wall?->isThinnerThan($block->minimumWall) === true;
        $left =
            $wall === null
                ? Line::of('sheet.need.wall_unknown')
                : Line::of('sheet.need.wall', ['wall' => $display->size($wall->rounded())]);
        $words = match ($cleanUp) {
            CleanUp::OnCentre => Line::of('sheet.need.on_centre'),
            CleanUp::OffCentre => Line::of($cylinder->map === null ? 'sheet.need.off_centre' : 'sheet.need.off_centre_towards', [
                'shift' => $display->magnitude($shift),
                'degrees' => $cylinder->map === null ? '' : self::degrees($cylinder->map->direction()),
            ]),
            CleanUp::No => Line::of('sheet.need.no_clean_up'),
        };

        return new self(
            (string) $step->nanometres,
            $display->step($step),
            $size,
            $shift,
            $cylinder->map?->direction() ?? 0.0,
            $words.($cleanUp === CleanUp::No ? '' : ", {$left}".($isThin ? Line::of('sheet.need.too_thin') : '')),
            match (true) {
                $cleanUp === CleanUp::No, $isThin => CellState::Out,
                $cleanUp === CleanUp::OffCentre => CellState::Close,
                default => CellState::Good,
            },
        );
    }

    public static function degrees(float $degrees): int
    {
        return ((int) round($degrees) + 360) % 360;
    }
}
