<?php

declare(strict_types=1);

namespace App\Http;

use App\Record\JobFile;
use Illuminate\Http\Request;
use NorthLedger\Core\Quantity\LengthUnit;

/** The unit in which somebody wants to see lengths, for as long as the log-in lasts; entries stay in the job's own (QTY-5). */
final class ShownUnit
{
    private const KEY = 'shown_unit';

    public static function choose(Request $request, LengthUnit $unit): void
    {
        $request->session()->put(self::KEY, $unit->value);
    }

    /** A job's file, shown in the chosen unit; in the job's own where nothing was chosen. */
    public static function of(Request $request, JobFile $file): JobFile
    {
        $unit = LengthUnit::tryFrom((string) $request->session()->get(self::KEY, ''));

        return $unit === null ? $file : $file->shownIn($unit);
    }
}
