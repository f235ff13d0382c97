<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Gauging\Fitness;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;

/**
 * What a gauge is worth for a feature before anything is read: its doubt against the tightest tolerance that it would be judged by
 * (GAUGE-9).
 */
final readonly class GaugeTrial
{
    public const FINISHED_SIZE = 'finished size';

    public Fitness $fitness;

    /** @param  string  $criterion  Code of what that tolerance is of */
    private function __construct(public string $criterion, public Uncertainty $doubt, public Length $tolerance)
    {
        $this->fitness = Fitness::of($doubt, $tolerance);
    }

    /** Of a sheet beside the bores: every place of the feature at its nominal, judged. Null where nothing of it has a tolerance. */
    public static function ofPart(
        InspectionPlan $plan,
        Judge $judge,
        Feature $feature,
        Instrument $gauge,
        Temperatures $temperatures,
    ): ?self {
        $read = [$feature, ...$feature->judgedWith()];
        $readings = [];
        foreach ($plan->all() as $key => $one) {
            if (! in_array($one->place->feature, $read, true)) {
                continue;
            }
            $size = $one->place->feature->measurand() === Measurand::Size ? $one->nominal : Length::zero();
            if ($size !== null && $one->place->feature->isGauged()) {
                $with =
                    $one->place->feature === $feature ? $gauge : Instrument::ofKind(UsualGauge::of($one->place->feature, $one->nominal));
                $readings[$key] = Reading::of($one->place, [$size], $with, $temperatures, $one->place->feature->code());
            }
        }
        $trials = [];
        foreach ($judge->judge(new Measurements($readings))->findings as $finding) {
            $tolerance = $finding->limits?->tolerance();
            if ($finding->uncertainty !== null && $tolerance !== null && $finding->restsOn($feature)) {
                $trials[] = new self($finding->criterion->value, $finding->uncertainty, $tolerance);
            }
        }

        return self::tightest($trials);
    }

    /** Of the incoming bores and their pistons. */
    public static function ofBores(
        SpecificationSheet $sheet,
        Feature $feature,
        Instrument $gauge,
        Instrument $other,
        Temperatures $temperatures,
    ): ?self {
        $limits = $sheet->bore->service;
        $size = Uncertainty::ofSize($sheet->bore->nominal, $gauge, $temperatures)->combinedWith(
            Uncertainty::ofSize($sheet->bore->nominal, $other, $temperatures),
        );
        $difference = Uncertainty::ofDifference($gauge);
        $isBore = $feature === BoreFeature::Bore;
        $trials = [
            $isBore ? self::against(Criterion::OutOfRound, $difference, $limits->outOfRound) : null,
            $isBore ? self::against(Criterion::Taper, $difference, $limits->taper) : null,
            self::against(Criterion::Clearance, $size, $limits->clearance),
        ];

        return self::tightest(array_values(array_filter($trials)));
    }

    /** Of a size that a machine was set to, with its tolerance. */
    public static function ofSize(Length $size, Length $tolerance, Instrument $gauge, Temperatures $temperatures): self
    {
        return new self(self::FINISHED_SIZE, Uncertainty::ofSize($size, $gauge, $temperatures), $tolerance);
    }

    /** Null where nobody knows the limit. */
    private static function against(Criterion $criterion, Uncertainty $doubt, ?Length $limit): ?self
    {
        return $limit === null ? null : new self($criterion->value, $doubt, $limit);
    }

    /** @param  list<self>  $trials */
    private static function tightest(array $trials): ?self
    {
        usort($trials, static fn (self $a, self $b): int => $b->share() <=> $a->share());

        return $trials[0] ?? null;
    }

    private function share(): float
    {
        return $this->tolerance->isPositive() ? $this->doubt->standard / $this->tolerance->nanometres : INF;
    }
}
