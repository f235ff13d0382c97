<?php

declare(strict_types=1);

namespace App\Sheets;

use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Fitness;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Inspection\GaugeTrial;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Planning\FinishedBore;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Spec\Material;

/** Whether the gauge that was stated can tell what it is to tell, said once, with what would do (GAUGE-9). */
final readonly class GaugeFitness
{
    private function __construct(public Fitness $fitness, public string $words)
    {
    }

    /** Null where the gauge is fit, or nothing that it reads has a tolerance. */
    public static function of(StatedSetup $setup, JobFile $file): ?self
    {
        $trial = self::trial($setup, $file, $file->entries($setup->sheet)->gauges->instrument($setup));
        if ($trial === null || $trial->fitness === Fitness::Fit) {
            return null;
        }
        $said = $trial->fitness === Fitness::Unfit ? 'not fit' : 'of limited use';

        return new self($trial->fitness, sprintf(
            '%s for %s: uncertainty ±%s, tolerance %s.%s', $said, $trial->criterion,
            $file->display->magnitude($trial->doubt->expanded()), $file->display->magnitudeWithUnit($trial->tolerance), self::better($setup, $file, $trial),
        ));
    }

    private static function better(StatedSetup $setup, JobFile $file, GaugeTrial $trial): string
    {
        $nominal = $file->standardOf($setup->sheet, $setup->feature);
        $would = array_filter(self::kinds($setup->feature), static function (InstrumentKind $kind) use ($setup, $file, $trial, $nominal): bool {
            $other = self::reaches($kind, $setup->feature, $nominal) ? self::trial($setup, $file, Instrument::ofKind($kind)) : null;

            return $other !== null && self::rank($other->fitness) < self::rank($trial->fitness);
        });
        $words = implode(' or ', array_map(static fn (InstrumentKind $kind): string => $kind->withArticle(), array_slice(array_values($would), 0, 2)));

        return match (true) {
            $words !== '' => " Better: {$words}.",
            $trial->fitness === Fitness::Unfit => ' No usual gauge does better; a finer one can be entered in the register.',
            default => '',
        };
    }

    /** An ordinary set of its kind; what shows deviations is set to any size, but for a bore gauge, which has to go in. */
    private static function reaches(InstrumentKind $kind, Feature $feature, Length $nominal): bool
    {
        return $feature->measurand() !== Measurand::Size || (! $kind->showsSizes() && ! $kind->readsBores()) || $kind->range()->reaches($nominal);
    }

    private static function rank(Fitness $fitness): int
    {
        return (int) array_search($fitness, Fitness::cases(), true);
    }

    /** @return list<InstrumentKind> */
    private static function kinds(Feature $feature): array
    {
        return array_values(match ($feature) {
            Feature::Bore => array_filter(InstrumentKind::cases(), static fn (InstrumentKind $kind): bool => $kind->readsBores()),
            Feature::Piston => array_filter(InstrumentKind::cases(), static fn (InstrumentKind $kind): bool => $kind->readsPistons()),
            default => UsualGauge::kinds($feature),
        });
    }

    private static function trial(StatedSetup $setup, JobFile $file, Instrument $gauge): ?GaugeTrial
    {
        $policy = $file->policy;
        $temperatures = Temperatures::of($policy->expansionOf($file->sheet->materialRead($setup->feature)), $policy->expansionOf(Material::Steel), $setup->conditions->partCelsius, $setup->conditions->masterCelsius);
        $section = $setup->sheet->section();
        if ($section !== null) {
            return $file->inspection()->trial($section, $setup->feature, $gauge, $temperatures);
        }
        if ($setup->sheet === SheetName::Finished && $setup->feature === Feature::Bore) {
            $finished = FinishedBore::for($file->sheet, $policy->boreAllowances($file->sheet->unit), $file->work()->chosen()->step ?? Length::zero(), null);

            return GaugeTrial::ofSize($finished->least, $finished->most->minus($finished->least), $gauge, $temperatures);
        }
        $other = $setup->feature === Feature::Bore ? InstrumentKind::OutsideMicrometer : InstrumentKind::BoreGaugeTenth;

        return GaugeTrial::ofBores($file->sheet, $setup->feature, $gauge, Instrument::ofKind($other), $temperatures);
    }
}
