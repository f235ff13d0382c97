<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Steps;
use NorthLedger\Core\Record\Reading;

/**
 * The size step a bore already has (BORE-4): the offered step nearest to its least worn place, if that
 * is within the shop's tolerance, else the declared one.
 */
final readonly class CurrentStep
{
    private function __construct(
        public ?Length $value,
        public StepSource $source,
        public ?Reading $evidence,
        public bool $differsFromDeclared,
    ) {
    }

    /** @param  list<Length>  $oversizes */
    public static function of(BoreInspection $bore, Length $nominal, array $oversizes, Length $tolerance, ?Length $declared): self
    {
        $evidence = self::leastWorn($bore);
        $measured = $evidence === null ? null : (new Steps($oversizes))->within($evidence->corrected->minus($nominal), $tolerance);

        return match (true) {
            $measured !== null =>
                new self($measured, StepSource::Measured, $evidence, $declared !== null && ! $declared->equals($measured)),
            $declared !== null => new self($declared, StepSource::Declared, $evidence, false),
            default => new self(null, StepSource::Unknown, $evidence, false),
        };
    }

    private static function leastWorn(BoreInspection $bore): ?Reading
    {
        foreach ([Station::Land, Station::Bottom] as $station) {
            $readings = array_filter($bore->atStation($station), static fn (Reading $reading): bool => $reading->isSized);
            if ($readings !== []) {
                return Spread::of($readings)->smallest;
            }
        }

        return null;
    }
}
