<?php

declare(strict_types=1);

namespace App\Sheet;

use Illuminate\Http\Request;

/** Whether somebody wants to see the extra axes and both lands on the bore sheet, for as long as the log-in lasts. */
final class ShownAxes
{
    private const KEY = 'shows_all_axes';

    public static function areAll(Request $request): bool
    {
        return $request->session()->get(self::KEY) === true;
    }

    public static function turn(Request $request): void
    {
        $request->session()->put(self::KEY, ! self::areAll($request));
    }
}
