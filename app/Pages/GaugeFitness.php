<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Storage\StatedSetup;
use App\Words\Labels;
use App\Words\Line;
use NorthLedger\Core\Assessment\GaugeTrial;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\FinishedBore;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Gauging\Fitness;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Whether the gauge that was stated can tell what it is to tell, said once, with what would do (GAUGE-9). */
final readonly class GaugeFitness
{
    /** @param  list<string>  $better  Kinds that do better, at most two */
    private function __construct(
        private string $criterion,
        private Uncertainty $doubt,
        private Length $tolerance,
        public Fitness $fitness,
        private array $better,
    ) {
    }

    /** As it was tried when the setup was stated; null where the gauge is fit, or nothing that it reads has a tolerance. */
    public static function of(StatedSetup $setup, JobFile $file): ?self
    {
        // A zero on the part gets its size, and its doubt, later.
        return $setup->fitness === null || $setup->isZeroedOnThePart() ? self::tried($setup, $file) : self::read($setup->fitness);
    }

    /** What a setup keeps of it. */
    public static function stored(StatedSetup $setup, JobFile $file): string
    {
        $tried = $setup->scale === null ? self::tried($setup, $file) : null;

        return $tried === null
            ? ''
            : json_encode([$tried->criterion, $tried->doubt->standard, $tried->tolerance->nanometres, $tried->better], JSON_THROW_ON_ERROR);
    }

    public function words(LengthDisplay $display): string
    {
        $criterion = Criterion::tryFrom($this->criterion);
        $of = $criterion === null ? Line::of('gauges.fitness.finished_size') : Labels::criterion($criterion);
        $better = implode(
            Line::of('findings.close.or'),
            array_map(static fn (string $kind): string => Labels::withArticle(InstrumentKind::from($kind)), $this->better),
        );

        return Line::of($this->fitness === Fitness::Unfit ? 'gauges.fitness.unfit' : 'gauges.fitness.limited', [
            'criterion' => $of,
            'doubt' => $display->magnitude($this->doubt->expanded()),
            'tolerance' => $display->magnitudeWithUnit($this->tolerance),
        ]).
            match (true) {
                $better !== '' => Line::of('gauges.fitness.better', ['gauges' => $better]),
                $this->fitness === Fitness::Unfit => Line::of('gauges.fitness.none_better'),
                default => '',
            };
    }

    private static function read(string $stored): ?self
    {
        if ($stored === '') {
            return null;
        }
        /** @var array{string, float|int, int, list<string>} $said */
        $said = json_decode($stored, true, 4, JSON_THROW_ON_ERROR);
        [$doubt, $tolerance] = [Uncertainty::ofStandard((float) $said[1]), Length::ofNanometres($said[2])];

        return new self($said[0], $doubt, $tolerance, Fitness::of($doubt, $tolerance), $said[3]);
    }

    private static function tried(StatedSetup $setup, JobFile $file): ?self
    {
        $trial = self::trial($setup, $file, $file->record->entries($setup->sheet)->gauges->instrument($setup));

        return $trial === null || $trial->fitness === Fitness::Fit
            ? null
            : new self($trial->criterion, $trial->doubt, $trial->tolerance, $trial->fitness, self::better($setup, $file, $trial));
    }

    /** @return list<string> */
    private static function better(StatedSetup $setup, JobFile $file, GaugeTrial $trial): array
    {
        $nominal = $file->standardOf($setup->sheet, $setup->feature);
        $would = array_filter($setup->feature->gauges(), static function (InstrumentKind $kind) use (
            $setup,
            $file,
            $trial,
            $nominal,
        ): bool {
            $other = self::reaches($kind, $setup->feature, $nominal) ? self::trial($setup, $file, Instrument::ofKind($kind)) : null;

            return $other !== null && self::rank($other->fitness) < self::rank($trial->fitness);
        });

        return array_slice(array_column($would, 'value'), 0, 2);
    }

    /** An ordinary set of its kind; what shows deviations is set to any size, but for a bore gauge, which has to go in. */
    private static function reaches(InstrumentKind $kind, Feature $feature, ?Length $nominal): bool
    {
        return $nominal === null ||
            $feature->measurand() !== Measurand::Size ||
            (! $kind->showsSizes() && ! $kind->readsBores()) ||
            $kind->range()->reaches($nominal);
    }

    private static function rank(Fitness $fitness): int
    {
        return (int) array_search($fitness, Fitness::cases(), true);
    }

    private static function trial(StatedSetup $setup, JobFile $file, Instrument $gauge): ?GaugeTrial
    {
        $policy = $file->policy;
        $temperatures = Temperatures::of(
            $policy->expansionOf($setup->feature->material($file->sheet)),
            $policy->expansionOf(Material::Steel),
            $setup->conditions->partCelsius,
            $setup->conditions->masterCelsius,
        );
        if ($setup->sheet->section !== Section::Bores) {
            return $file->inspection()->trial($setup->sheet->section, $setup->feature, $gauge, $temperatures);
        }
        if ($setup->sheet->occasion === Occasion::Final && $setup->feature === BoreFeature::Bore) {
            $finished = FinishedBore::for(
                $file->sheet,
                $policy->boreAllowances($file->sheet->unit),
                $file->work()->chosen()->step ?? Length::zero(),
                null,
            );

            return $finished === null
                ? null
                : GaugeTrial::ofSize($finished->least, $finished->most->minus($finished->least), $gauge, $temperatures);
        }
        $other = $setup->feature === BoreFeature::Bore ? InstrumentKind::OutsideMicrometer : InstrumentKind::BoreGaugeTenth;

        return GaugeTrial::ofBores($file->sheet, $setup->feature, $gauge, Instrument::ofKind($other), $temperatures);
    }
}
