<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/**
 * When something was done that is written down only now: the sender says how long ago by its own clock, so that an
 * entry that waited for the network keeps its time, whatever that clock shows.
 */
final class Happened
{
    private const LONGEST_WAIT_MS = 7 * 86_400_000;

    public static function at(Request $request): Carbon
    {
        $age = $request->input('age_ms', 0);
        $age = is_numeric($age) ? (int) min(self::LONGEST_WAIT_MS, max(0, $age)) : 0;

        return Carbon::now()->subMilliseconds($age);
    }
}
