<?php

declare(strict_types=1);

namespace App\Record;

use App\Words\Line;
use App\Words\LookWord;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\CrackLook;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Features\Bores\ScoringLook;

/** Looks are keyed by one digit; which digit says what, by feature. */
final class LookCodes
{
    /** @return list<string> By digit */
    public static function codes(Feature $feature): array
    {
        return match ($feature) {
            BoreFeature::Ridge => array_column(RidgeLook::cases(), 'value'),
            BoreFeature::Scoring => array_column(ScoringLook::cases(), 'value'),
            BoreFeature::Crack => array_column(CrackLook::cases(), 'value'),
            BoreFeature::Pitting => array_map(strval(...), array_column(PittingClass::cases(), 'value')),
            default => $feature->looks(),
        };
    }

    /** @return list<string> What people read of them, by digit */
    public static function words(Feature $feature): array
    {
        return array_map(static fn (string $code): string => self::shown($feature, $code), self::codes($feature));
    }

    /** What is stored for a digit; null where the digit says nothing here. */
    public static function stored(Feature $feature, string $digit): ?string
    {
        return preg_match('/^\d$/D', $digit) === 1 ? self::codes($feature)[(int) $digit] ?? null : null;
    }

    /** The words for what is stored. */
    public static function shown(Feature $feature, string $stored): string
    {
        return $feature === BoreFeature::Pitting
            ? Line::ofCode('places.pitting', PittingClass::from((int) $stored))
            : LookWord::of($stored);
    }

    /** “0 none · 1 felt · 2 catches a nail · 3 deposits” */
    public static function legend(Feature $feature): string
    {
        $words = self::words($feature);

        return implode(' · ', array_map(static fn (int $digit): string => "{$digit} {$words[$digit]}", array_keys($words)));
    }
}
