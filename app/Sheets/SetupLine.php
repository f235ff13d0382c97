<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Setup;

/** The setup in force, in words. */
final readonly class SetupLine
{
    private function __construct(
        public string $ulid,
        public string $gauge,
        public ?string $zero,
        public string $unit,
        public string $conditions,
        public string $stated,
        public string $check,
        public CellState $checkState,
    ) {
    }

    public static function of(?Setup $setup, JobFile $file): ?self
    {
        if ($setup === null) {
            return null;
        }
        $conditions = array_keys(array_filter([
            'caps torqued' => $setup->caps_torqued,
            'torque plate on' => $setup->torque_plate,
            'cooled' => $setup->cooled,
            'clean' => $setup->clean,
        ]));
        if ($setup->part_celsius !== null) {
            $conditions[] = "part {$setup->part_celsius} °C";
        }
        $zero = $setup->zero();

        return new self(
            $setup->ulid,
            $setup->instrument->value,
            $zero === null ? null : $file->display->size($zero),
            $setup->reading_unit?->label() ?? $file->sheet->unit->value,
            $conditions === [] ? 'no conditions stated' : implode(', ', $conditions),
            $setup->created_at->format('H:i'),
            ...self::check($setup, $file),
        );
    }

    /** @return array{string, CellState} How the last check went, or that one is due */
    private static function check(Setup $setup, JobFile $file): array
    {
        $entries = $file->entries(SheetName::from($setup->sheet));
        $last = $entries->lastCheck();
        $readings = $entries->readingsSinceCheck();
        $minutes = (int) ($last->created_at ?? $setup->created_at)->diffInMinutes(now());
        $drift = $last?->result($setup->instrument);

        return match (true) {
            $drift !== null && ! $drift->holds => ["drifted {$file->display->deviation($drift->drift)} {$file->display->deviationUnit()}: set it anew", CellState::Out],
            $readings >= $file->policy->checkBackReadings, $readings > 0 && $minutes >= $file->policy->checkBackMinutes => [sprintf('check it back: %d %s, %d min', $readings, $readings === 1 ? 'reading' : 'readings', $minutes), CellState::Close],
            $last !== null => ["holds, checked {$last->created_at->format('H:i')}", CellState::Good],
            default => ['not checked back yet', CellState::Missing],
        };
    }
}
