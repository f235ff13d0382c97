<?php

declare(strict_types=1);

namespace App\Sheet;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;

/**
 * Whether somebody wants to see the extra axes and both lands on the bore sheet, at this browser until it is closed. It is a cookie: two
 * requests at once would overwrite each other's session.
 */
final class ShownAxes
{
    private const KEY = 'shows_all_axes';

    public static function areAll(Request $request): bool
    {
        return $request->cookie(self::KEY) === 'yes';
    }

    public static function turn(Request $request): void
    {
        Cookie::queue(self::KEY, self::areAll($request) ? 'no' : 'yes');
    }
}
