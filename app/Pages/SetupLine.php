<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Storage\StatedSetup;
use App\Words\GaugesUsed;
use App\Words\Labels;
use App\Words\Line;
use App\Words\PlaceName;
use NorthLedger\Core\Engine\Places\FeatureCodes;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\TemperatureUnit;

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
        public string $fitness,
        public string $fitnessWords,
    ) {
    }

    /** Codes of what it reads: everything that is weighed is weighed on one scale. */
    public function shownAt(): string
    {
        return $this->feature === FeatureCodes::scale() ? implode(' ', FeatureCodes::weighed()) : $this->feature;
    }

    public static function of(?StatedSetup $setup, JobFile $file): ?self
    {
        if ($setup === null) {
            return null;
        }
        $conditions = array_keys(
            array_filter([
                'caps_torqued' => $setup->conditions->capsTorqued,
                'torque_plate' => $setup->conditions->torquePlate,
                'cooled' => $setup->conditions->cooled,
                'clean' => $setup->conditions->clean,
            ]),
        );
        $conditions = array_map(static fn (string $code): string => Line::of("pages.condition.{$code}"), $conditions);
        $degrees = $file->policy->temperatureUnit;
        if ($setup->conditions->partCelsius !== null) {
            $conditions[] = Line::of('pages.condition.part', ['degrees' => $degrees->shown($setup->conditions->partCelsius)]);
        }
        $zero = $file->record->entries($setup->sheet)->gauges->zero($setup);
        $missed = $setup->calibrationMissed();
        $fitness = $setup->scale === null ? GaugeFitness::of($setup, $file) : null;

        return new self(
            $setup->ulid,
            GaugesUsed::gauge($setup),
            self::zeroWords($setup, $zero, $file),
            $setup->scale === null ? $setup->readingUnit?->label() ?? $file->sheet->unit->value : 'g',
            $conditions === [] || $setup->scale !== null ? Line::of('pages.condition.none') : implode(', ', $conditions),
            $setup->statedAt->format('H:i'),
            ...($setup->scale === null ? self::check($setup, $file) : ['check' => '', 'checkState' => CellState::Good]),
            calibration: $missed === null ? '' : Line::of('pages.setup.was_due', ['day' => $missed->format('j M Y')]),
            needsSize: $setup->isZeroedOnThePart() && $zero === null,
            asStated: self::asStated($setup, $degrees),
            showsSizes: $setup->instrument->showsSizes(),
            feature: $setup->feature->code(),
            for: $setup->scale === null ? PlaceName::ofFeature($setup->feature) : Line::of('pages.setup.weights'),
            readsSizes: $setup->feature->measurand() === Measurand::Size,
            fitness: $fitness->fitness->value ?? '',
            fitnessWords: $fitness?->words($file->display) ?? '',
        );
    }

    /** What the dialog begins with when gauge or conditions are stated anew. */
    private static function asStated(StatedSetup $setup, TemperatureUnit $degrees): string
    {
        return json_encode(
            [
                'instrument' => $setup->gaugeTag ?? $setup->instrument->value,
                'reading_unit' => $setup->readingUnit?->value,
                'zero_on' => $setup->zeroWith === null ? null : "with {$setup->zeroWith->value}",
                'caps_torqued' => $setup->conditions->capsTorqued,
                'torque_plate' => $setup->conditions->torquePlate,
                'cooled' => $setup->conditions->cooled,
                'clean' => $setup->conditions->clean,
                'part_temperature' => $degrees->fromKnown($setup->conditions->partCelsius),
                'master_temperature' => $degrees->fromKnown($setup->conditions->masterCelsius),
            ],
            JSON_THROW_ON_ERROR,
        );
    }

    private static function zeroWords(StatedSetup $setup, ?Length $zero, JobFile $file): ?string
    {
        $size = $zero === null ? null : $file->display->size($zero);

        return match (true) {
            $setup->zeroPlace !== null => Line::of($size === null ? 'pages.setup.on_part_unsized' : 'pages.setup.on_part', [
                'place' => lcfirst(PlaceName::of(Place::parse($setup->zeroPlace))),
                'size' => $size ?? '',
            ]),
            $size !== null && $setup->masterTag !== null => Line::of('pages.setup.on_master', [
                'size' => $size,
                'master' => $setup->masterTag,
            ]),
            $size !== null && $setup->zeroWith !== null && $setup->feature->measurand() === Measurand::Size =>
                Line::of('pages.setup.set_with', ['size' => $size, 'gauge' => Labels::withArticle($setup->zeroWith)]),
            default => $size,
        };
    }

    /** @return array{check: string, checkState: CellState} How the last check went, or that one is due */
    private static function check(StatedSetup $setup, JobFile $file): array
    {
        $entries = $file->record->entries($setup->sheet);
        $last = $entries->gauges->lastCheck($setup);
        $readings = $entries->readingsSinceCheck($setup);
        $minutes = intdiv(max(0, now()->getTimestamp() - ($last->doneAt ?? $setup->statedAt)->getTimestamp()), 60);
        $drift = $last?->result($setup->gauge);

        return match (true) {
            $drift !== null && ! $drift->holds => [
                'check' => Line::of('pages.setup.drifted', [
                    'by' => $file->display->deviation($drift->drift),
                    'unit' => $file->display->deviationUnit(),
                ]),
                'checkState' => CellState::Out,
            ],
            $readings >= $file->policy->checkBackReadings, $readings > 0 && $minutes >= $file->policy->checkBackMinutes => [
                'check' => Line::counted('pages.setup.check_back', $readings, ['minutes' => $minutes]),
                'checkState' => CellState::Close,
            ],
            $last !== null => [
                'check' => Line::of('pages.setup.holds', ['at' => $last->doneAt->format('H:i'), 'minutes' => $minutes]),
                'checkState' => CellState::Good,
            ],
            default => [
                'check' => Line::of($readings === 0 ? 'pages.setup.unchecked' : 'pages.setup.unchecked_for', ['minutes' => $minutes]),
                'checkState' => CellState::Missing,
            ],
        };
    }
}
