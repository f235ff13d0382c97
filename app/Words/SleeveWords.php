<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Features\Receiving\SleeveFinding;

/** What was found of an old sleeve, and the worst that is likely where it stays (SLV-3, VER-5). */
final class SleeveWords
{
    /** @param  list<SleeveFinding>  $findings */
    public static function found(array $findings): string
    {
        return implode(', ', self::of('receive.sleeve.finding', $findings));
    }

    /** @param  list<SleeveFinding>  $findings */
    public static function worst(array $findings): string
    {
        return implode('; ', array_unique(self::of('receive.sleeve.worst', $findings)));
    }

    /**
     * @param  list<SleeveFinding>  $findings
     * @return list<string>
     */
    private static function of(string $group, array $findings): array
    {
        return array_map(static fn (SleeveFinding $finding): string => Line::ofCode($group, $finding), $findings);
    }
}
