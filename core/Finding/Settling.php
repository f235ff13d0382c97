<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/**
 * What would settle a close call (GAUGE-6): the doubt that each way out would leave, against the margin. A way is
 * offered only where its doubt is below the margin; where none is, a second person has to read it and people decide.
 */
final readonly class Settling
{
    public const REPEATS = 3;

    /**
     * @param  ?Length  $scatter  Three repeats or more settle it if their standard deviation is at most this; null where they cannot
     * @param  list<string>  $gauges  Of the shop, that would settle it, best first
     * @param  bool  $temperatures  True where stating both temperatures is enough
     */
    private function __construct(public ?Length $scatter, public array $gauges, public bool $temperatures)
    {
    }

    /** @param  array<string, Instrument>  $gauges  That read such places, by what they are called */
    public static function of(Finding $finding, array $gauges): self
    {
        $margin = $finding->margin?->length()->absolute();
        if ($margin === null || $finding->readings === []) {
            return new self(null, [], false);
        }
        $isDifference = $finding->criterion !== Criterion::Clearance;
        $better = [];
        foreach ($gauges as $name => $gauge) {
            $doubt = self::doubt(
                $finding,
                $isDifference,
                static fn (Reading $reading): Instrument => $reading->place->station === null ? $reading->instrument : $gauge,
            );
            if ($doubt->expanded()->isSmallerThan($margin)) {
                $better[$name] = $doubt->standard;
            }
        }
        asort($better);

        return new self(
            self::scatter($finding, $isDifference, $margin),
            array_keys($better),
            ! $isDifference && self::knownTemperatures($finding)->expanded()->isSmallerThan($margin),
        );
    }

    public function isOpen(): bool
    {
        return $this->scatter === null && $this->gauges === [] && ! $this->temperatures;
    }

    /** The largest standard deviation of repeats at every place with which the doubt would be the margin. */
    private static function scatter(Finding $finding, bool $isDifference, Length $margin): ?Length
    {
        $rest = self::doubt(
            $finding,
            $isDifference,
            static fn (Reading $reading): Instrument => Instrument::of(
                $reading->instrument->resolution,
                $reading->instrument->calibration,
                Length::zero(),
            ),
        );
        $left = ($margin->nanometres / 2) ** 2 - $rest->standard ** 2;
        $shares = $isDifference ? 2 : count($finding->readings);

        return $left <= 0 ? null : Length::ofNanometres((int) floor(sqrt($left / $shares)));
    }

    /** @param  callable(Reading): Instrument  $with */
    private static function doubt(Finding $finding, bool $isDifference, callable $with): Uncertainty
    {
        if ($isDifference) {
            return Uncertainty::ofDifference($with($finding->readings[0]));
        }

        return array_reduce(
            $finding->readings,
            static fn (Uncertainty $sum, Reading $reading): Uncertainty => $sum->combinedWith(
                Uncertainty::ofSize($reading->corrected, $with($reading), $reading->temperatures),
            ),
            Uncertainty::none(),
        );
    }

    private static function knownTemperatures(Finding $finding): Uncertainty
    {
        return array_reduce(
            $finding->readings,
            static fn (Uncertainty $sum, Reading $reading): Uncertainty => $sum->combinedWith(
                Uncertainty::ofSize($reading->corrected, $reading->instrument, $reading->temperatures->asKnown(), $reading->repeats),
            ),
            Uncertainty::none(),
        );
    }
}
