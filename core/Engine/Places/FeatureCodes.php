<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Places;

use NorthLedger\Core\Engine\Installed;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Gauging\Measurand;

/**
 * Every feature by its code. A folder of features is found by its name, so that it can be added without being listed:
 * the enums are the files `core/Features/<Folder>/<Name>Feature.php`.
 */
final class FeatureCodes
{
    /** @throws GaugingException If no feature has the code */
    public static function of(string $code): Feature
    {
        return self::find($code) ?? throw GaugingException::noPlace($code);
    }

    public static function find(string $code): ?Feature
    {
        return self::all()[$code] ?? null;
    }

    /** @return array<string, Feature> By code */
    public static function all(): array
    {
        /** @var array<string, Feature> $all A function of the code that is installed, and of nothing else */
        static $all = [];
        if ($all === []) {
            foreach (Installed::classes('Features/*/*Feature.php', Feature::class) as $enum) {
                foreach ($enum::cases() as $feature) {
                    $all[$feature->code()] = $feature;
                }
            }
        }

        return $all;
    }

    /** @return list<string> Codes of those that a gauge can be stated for; a sheet's scale is stated once, for what is weighed first */
    public static function stated(): array
    {
        return [...self::where(static fn (Feature $feature): bool => $feature->isGauged()), self::scale()];
    }

    /** @return list<string> Codes of those that go on the scale */
    public static function weighed(): array
    {
        return self::where(static fn (Feature $feature): bool => $feature->measurand() === Measurand::Mass);
    }

    /** The code for which a sheet's scale is stated. */
    public static function scale(): string
    {
        return 'weight';
    }

    /**
     * @param  callable(Feature): bool  $is
     * @return list<string>
     */
    private static function where(callable $is): array
    {
        return array_keys(array_filter(self::all(), $is));
    }
}
