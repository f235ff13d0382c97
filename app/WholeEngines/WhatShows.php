<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Record\JobFile;
use App\Record\LookCodes;
use App\Storage\Reading;
use App\Storage\SheetName;
use App\Storage\StatedSetup;
use App\Words\Line;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Quantity\ReadingUnit;
use NorthLedger\Core\Quantity\RoughnessNotation;
use NorthLedger\Core\Simulation\PartGauge;

/** What a simulated engine answers where somebody looks, feels, weighs, or puts the gauge that he has stated. */
final readonly class WhatShows
{
    public function __construct(private EngineBench $bench, private JobFile $file, private SheetName $sheet)
    {
    }

    /** In a sentence with what is keyed; one that says what is lacking where nothing can be read yet. */
    public function at(Place $place): string
    {
        $look = $this->bench->look($this->sheet, $place);
        $length = $this->bench->length($this->sheet, $place);

        if ($this->bench->row->isAnswered()) {
            return $this->truth($place, $look, $length);
        }

        return match (true) {
            $look !== null => Line::of('practice.engine.seen', ['look' => LookCodes::shown($place->feature, $look)]),
            $length !== null => $this->gauged($place, $length),
            default => $this->plain($place),
        };
    }

    /** What a gauge shows on its master; only that of the bores may lose its zero. */
    public function onMaster(): string
    {
        if ($this->sheet->section !== Section::Bores) {
            return Line::of('practice.engine.holds');
        }
        $setup = $this->setup(BoreFeature::Bore);
        if ($setup === null || $setup->readingUnit === null) {
            return Line::of('practice.engine.no_zero');
        }

        return Line::of('practice.engine.on_master', [
            'shows' => self::deviation($this->dial($setup, $this->master($setup)), $setup->readingUnit),
            'unit' => $setup->readingUnit->label(),
        ]);
    }

    /** Laid beside what was keyed, once somebody has said what it comes to. */
    private function truth(Place $place, ?string $look, ?Length $length): string
    {
        $is = match (true) {
            $look !== null => LookCodes::shown($place->feature, $look),
            $length !== null => LengthDisplay::in($this->bench->sheet->unit)->sizeWithUnit($length),
            default => '',
        };

        return $is === '' ? $this->plain($place) : Line::of('practice.engine.is', ['is' => $is]);
    }

    /** What is weighed, filled, or compared with a finish. */
    private function plain(Place $place): string
    {
        $one = $this->sheet->section === Section::Bores ? null : $this->bench->characteristic($this->sheet, $place);
        $value = $one === null ? null : $this->bench->engine->value($one);

        return match ($value === null ? null : $place->feature->measurand()) {
            Measurand::Mass => self::shows(MassNotation::grams((int) $value), Line::of('practice.engine.grams')),
            Measurand::Roughness => self::shows(RoughnessNotation::text((int) $value, $this->bench->sheet->unit), ''),
            Measurand::Volume => self::shows(number_format((float) $value / 1_000, 1, '.', ''), Line::of('practice.engine.cc')),
            default => Line::of('practice.engine.nothing'),
        };
    }

    private function gauged(Place $place, Length $is): string
    {
        $setup = $this->setup($place->feature);
        if ($setup === null && $place->feature->needsStatedGauge()) {
            return Line::of('practice.engine.no_gauge');
        }
        $kind = $setup->instrument ?? $this->bench->usualGauge($this->sheet, $place);
        $unit = $kind->showsSizes() ? null : $setup?->readingUnit;
        $shown = match (true) {
            $setup !== null && $place->feature === BoreFeature::Bore && $kind === $this->bench->engine->block->gauge->kind
                => $this->dial($setup, $is),
            default => (new PartGauge($kind, $this->seed($place)))->shows(
                $unit === null || $setup === null ? $is : $is->minus($this->bench->zeroOf($this->sheet, $setup) ?? Length::zero()),
                $this->taken($place),
            ),
        };

        return $unit === null
            ? self::shows(LengthDisplay::in($this->bench->sheet->unit)->size($shown), $this->bench->sheet->unit->value)
            : self::shows(self::deviation($shown, $unit), $unit->label());
    }

    /** What the bore gauge goes back to: the ring it was set in, or the place of the part. */
    private function master(StatedSetup $setup): Length
    {
        $place = $setup->isZeroedOnThePart() ? $this->bench->zeroOf($this->sheet, $setup) : null;

        return $place ?? $this->bench->sheet->bore->nominal;
    }

    /** What the dial of the bore gauge shows for a size, as a deviation from its zero. */
    private function dial(StatedSetup $setup, Length $size): Length
    {
        $nominal = $this->bench->sheet->bore->nominal;
        [$since, $wasZeroedAgain] = $this->bench->sinceZero($this->file);

        return $this->bench->engine->block->gauge
            ->shows($size, $this->bench->boresRead($this->file), $since, $wasZeroedAgain)
            ->plus($nominal->minus($this->bench->zeroOf($this->sheet, $setup) ?? $nominal));
    }

    private function setup(Feature $feature): ?StatedSetup
    {
        return $this->file->record->entries($this->sheet)->gauges->current($feature);
    }

    private function seed(Place $place): int
    {
        return $this->bench->row->seed + (crc32($place->key) >> 8);
    }

    private function taken(Place $place): int
    {
        return Reading::query()->where('job_id', $this->file->job->id)->where('place', $place->key)->count();
    }

    private static function shows(string $text, string $unit): string
    {
        return Line::of('practice.engine.shows', ['text' => $text, 'unit' => $unit]);
    }

    /** “+4.5”: in the unit of the dial, with its sign. */
    private static function deviation(Length $shown, ReadingUnit $unit): string
    {
        $number = round($shown->nanometres / $unit->nanometres(), 2);

        return ($number > 0 ? '+' : '').($number == 0 ? '0' : str_replace('-', "\u{2212}", (string) $number));
    }
}
