<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;

/** Writes a rebore option as plain data and reads it back unchanged. */
final class OptionRecord
{
    /** @return array<string, mixed> */
    public static function write(ReboreOption $option): array
    {
        return [
            'kind' => $option->kind->value,
            'step_nm' => $option->step->nanometres,
            'metal_cut_nm' => $option->metalCut->nanometres,
            'on_centre' => $option->onCentre,
            'off_centre_shift_nm' => array_map(static fn (Length $shift): int => $shift->nanometres, $option->offCentre),
            'sleeved' => $option->sleeved,
            'thinnest_wall_nm' => $option->thinnestWall?->nanometres,
            'wall_too_thin' => $option->wallTooThin,
            'sizes_remaining' => $option->sizesRemaining,
            'cost_minor' => $option->cost->minor,
            'machine_minutes' => $option->machineMinutes,
            'needs_trace' => $option->needsTrace,
            'new_pistons' => $option->newPistons,
            'honed_to_clearance' => $option->honedToClearance,
            'is_with_new_pistons' => $option->isWithNewPistons,
        ];
    }

    /** @param  array<string, mixed>  $record  As written */
    public static function read(array $record): ReboreOption
    {
        /**
         * @var array{kind: string, step_nm: int, metal_cut_nm: int, on_centre: list<int>, off_centre_shift_nm: array<int, int>,
         *     sleeved: list<int>, thinnest_wall_nm: ?int, wall_too_thin: list<int>, sizes_remaining: int, cost_minor: int,
         *     machine_minutes: int, needs_trace?: list<int>, new_pistons?: list<int>, honed_to_clearance?: list<int>,
         *     is_with_new_pistons?: bool} $record
         */
        return new ReboreOption(
            OptionKind::from($record['kind']),
            Length::ofNanometres($record['step_nm']),
            Length::ofNanometres($record['metal_cut_nm']),
            $record['on_centre'],
            array_map(Length::ofNanometres(...), $record['off_centre_shift_nm']),
            $record['sleeved'],
            $record['thinnest_wall_nm'] === null ? null : Length::ofNanometres($record['thinnest_wall_nm']),
            $record['wall_too_thin'],
            $record['sizes_remaining'],
            Money::ofMinor($record['cost_minor']),
            $record['machine_minutes'],
            needsTrace: $record['needs_trace'] ?? [],
            newPistons: $record['new_pistons'] ?? [],
            honedToClearance: $record['honed_to_clearance'] ?? [],
            isWithNewPistons: $record['is_with_new_pistons'] ?? false,
        );
    }
}
