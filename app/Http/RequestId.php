<?php

declare(strict_types=1);

namespace App\Http;

use App\Words\Line;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** The ULID that the sender made for one write, so that sending it twice does it once. */
final class RequestId
{
    public static function of(Request $request): string
    {
        $ulid = $request->input('ulid');

        return is_string($ulid) && Str::isUlid($ulid)
            ? strtoupper($ulid)
            : throw ValidationException::withMessages(['ulid' => Line::of('input.told.page_out_date_reload')]);
    }
}
