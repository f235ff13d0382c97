<?php

declare(strict_types=1);

namespace App\Http;

use App\Record\JobFile;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use NorthLedger\Core\Quantity\LengthUnit;

/**
 * The unit in which somebody wants to see lengths, at this browser until it is closed; entries stay in the job’s own (QTY-5). A cookie,
 * since
 * two requests at once would overwrite each other’s session.
 */
final class ShownUnit
{
    private const KEY = 'shown_unit';

    public static function choose(LengthUnit $unit): void
    {
        Cookie::queue(self::KEY, $unit->value);
    }

    /** A job's file, shown in the chosen unit; in the job's own where nothing was chosen. */
    public static function of(Request $request, JobFile $file): JobFile
    {
        $chosen = $request->cookie(self::KEY);
        $unit = is_string($chosen) ? LengthUnit::tryFrom($chosen) : null;

        return $unit === null ? $file : $file->shownIn($unit);
    }
}
