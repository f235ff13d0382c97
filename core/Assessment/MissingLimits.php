<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\InspectedFeatures;

/** Where a specification sheet says how far a finding may go, and what it does not say. */
final class MissingLimits
{
    private const OF_BORES = [
        'bore/out_of_round' => '/bore/service/out_of_round',
        'bore/taper' => '/bore/service/taper',
        'bore/clearance' => '/bore/service/clearance',
        'bore/clearance_min' => '/piston/clearance/least',
    ];

    /**
     * @param  list<Finding>  $findings
     * @return list<MissingLimit> Each value once, in the order of the findings
     */
    public static function of(array $findings): array
    {
        $waiting = [];
        foreach ($findings as $finding) {
            $pointer = $finding->lacksLimit() ? self::pointer($finding) : null;
            if ($pointer !== null) {
                $waiting[$pointer][] = $finding;
            }
        }

        return array_map(
            static fn (string $pointer, array $those): MissingLimit => new MissingLimit($pointer, $those),
            array_keys($waiting),
            array_values($waiting),
        );
    }

    /** Where the sheet says how far a finding may go: “/crankshaft/mains/diameter”; null where no single value does. */
    public static function pointer(Finding $finding): ?string
    {
        /** @var array<string, string> $limits A function of the code that is installed, and of nothing else */
        static $limits = [];
        if ($limits === []) {
            $limits = array_merge(
                self::OF_BORES,
                ...array_map(static fn (InspectedFeatures $features): array => $features->limits(), Features::all()),
            );
        }

        return $limits["{$finding->about->kind()}/{$finding->criterion->value}"] ?? null;
    }
}
