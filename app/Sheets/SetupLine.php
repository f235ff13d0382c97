<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Setup;
use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Quantity\Length;

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
        public string $calibration,
        public bool $needsSize,
        public string $asStated,
        public bool $showsSizes,
        public string $feature,
        public string $for,
        public bool $readsSizes,
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
        $zero = $file->entries(SheetName::from($setup->sheet))->gauges->zero($setup);

        return new self(
            $setup->ulid,
            $setup->gaugeWords(),
            self::zeroWords($setup, $zero, $file),
            $setup->reading_unit?->label() ?? $file->sheet->unit->value,
            $conditions === [] ? 'no conditions stated' : implode(', ', $conditions),
            $setup->created_at->format('H:i'),
            ...self::check($setup, $file),
            calibration: $setup->isPastCalibration() ? 'its calibration was due '.$setup->calibration_due?->format('j M Y') : '',
            needsSize: $setup->zero_place !== null && $zero === null,
            asStated: self::asStated($setup),
            showsSizes: $setup->instrument->showsSizes(),
            feature: $setup->feature,
            for: GaugedFeature::words(Feature::from($setup->feature)),
            readsSizes: Feature::from($setup->feature)->measurand() === Measurand::Size,
        );
    }

    /** What the dialog begins with when gauge or conditions are stated anew. */
    private static function asStated(Setup $setup): string
    {
        return json_encode([
            'instrument' => $setup->gauge_tag ?? $setup->instrument->value, 'reading_unit' => $setup->reading_unit?->value,
            'caps_torqued' => $setup->caps_torqued, 'torque_plate' => $setup->torque_plate, 'cooled' => $setup->cooled, 'clean' => $setup->clean,
            'part_celsius' => $setup->part_celsius, 'master_celsius' => $setup->master_celsius,
        ], JSON_THROW_ON_ERROR);
    }

    private static function zeroWords(Setup $setup, ?Length $zero, JobFile $file): ?string
    {
        $size = $zero === null ? null : $file->display->size($zero);

        return match (true) {
            $setup->zero_place !== null => 'on '.lcfirst(Place::parse($setup->zero_place)->words()).($size === null ? ', size not known' : ", {$size}"),
            $size !== null && $setup->master_tag !== null => "{$size} on {$setup->master_tag}",
            default => $size,
        };
    }

    /** @return array{check: string, checkState: CellState} How the last check went, or that one is due */
    private static function check(Setup $setup, JobFile $file): array
    {
        $entries = $file->entries(SheetName::from($setup->sheet));
        $last = $entries->gauges->lastCheck($setup);
        $readings = $entries->readingsSinceCheck($setup);
        $minutes = (int) ($last->created_at ?? $setup->created_at)->diffInMinutes(now());
        $drift = $last?->result($setup->gauge());

        return match (true) {
            $drift !== null && ! $drift->holds => ['check' => "drifted {$file->display->deviation($drift->drift)} {$file->display->deviationUnit()}: set it anew", 'checkState' => CellState::Out],
            $readings >= $file->policy->checkBackReadings, $readings > 0 && $minutes >= $file->policy->checkBackMinutes => ['check' => sprintf('check it back: %d %s, %d min', $readings, $readings === 1 ? 'reading' : 'readings', $minutes), 'checkState' => CellState::Close],
            $last !== null => ['check' => "holds, checked {$last->created_at->format('H:i')}, {$minutes} min ago", 'checkState' => CellState::Good],
            default => ['check' => $readings === 0 ? 'not checked back yet' : "not checked back yet, {$minutes} min", 'checkState' => CellState::Missing],
        };
    }
}
