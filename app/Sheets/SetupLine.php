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
        );
    }
}
