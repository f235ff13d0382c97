<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Storage\SheetName;
use App\Words\Line;
use App\Words\PlaceName;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureCodes;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;

/** Something of a sheet that a gauge is stated for, in the dialogs. */
final readonly class GaugedFeature
{
    /**
     * @param  list<InstrumentKind>  $kinds  That can read it, the usual one first
     * @param  string  $zero  The size a gauge is set to for it; empty where it reads no sizes
     * @param  list<string>  $reads  Features beside its own that are read with it
     * @param  bool  $asksFirst  No usual gauge is taken for it: which one it is has to be stated
     */
    private function __construct(
        public string $value,
        public string $words,
        public array $kinds,
        public string $zero,
        public array $reads = [],
        public bool $asksFirst = false,
    ) {
    }

    /** @return list<self> Of a sheet of the bores */
    public static function ofBores(JobFile $file): array
    {
        $step = $file->work()->chosen()->step ?? ($file->assessment()->step->value ?? Length::zero());

        return [
            new self(
                BoreFeature::Bore->value,
                Line::of('sheet.gauged.bores'),
                BoreFeature::Bore->gauges(),
                $file->entryDisplay()->size($file->sheet->bore->sizeAt($step)),
            ),
            new self(BoreFeature::Piston->value, Line::of('sheet.gauged.pistons'), BoreFeature::Piston->gauges(), ''),
            self::scale(),
        ];
    }

    /** @return list<self> Of any other sheet */
    public static function onSheet(JobFile $file, SheetName $sheet): array
    {
        $plan = $file->planOf($sheet);
        $gauged = array_map(
            static fn (Feature $feature): self => new self(
                $feature->code(),
                PlaceName::ofFeature($feature),
                $feature->gauges(),
                self::usualZero($file, $sheet, $feature),
                asksFirst: $feature->needsStatedGauge(),
            ),
            $plan->gaugedFeatures(),
        );

        return $plan->hasWeights() ? [...$gauged, self::scale()] : $gauged;
    }

    /** The size a gauge is set to as a rule: what was ordered, else the new size; none where it shows none, or nobody knows the size. */
    private static function usualZero(JobFile $file, SheetName $sheet, Feature $feature): string
    {
        $ordered = $sheet->occasion === Occasion::Final ? $file->work()->verification()->aimedAt($feature) : null;
        $size = $ordered ?? ($feature->measurand() === Measurand::Size ? $file->standardOf($sheet, $feature) : null);

        return $size === null ? '' : $file->entryDisplay()->size($size);
    }

    /**
     * What is said where none is stated yet.
     *
     * @param  non-empty-list<self>  $features
     */
    public static function unstated(array $features): string
    {
        $asking = array_column(array_filter($features, static fn (self $feature): bool => $feature->asksFirst), 'value');

        return Line::of('sheet.unstated.'.($features[0]->isScale() ? 'scale' : $asking[0] ?? 'usual'));
    }

    /** Everything on a sheet is weighed on one scale, which is stated once. */
    private static function scale(): self
    {
        return new self(
            WeightFeature::PistonWeight->value,
            Line::of('sheet.gauged.weighed'),
            InstrumentKind::scales(),
            '',
            FeatureCodes::weighed(),
        );
    }

    /** True where it counts from no zero, and is not put back on a master beside the sheet. */
    public function isScale(): bool
    {
        return $this->kinds === InstrumentKind::scales();
    }
}
