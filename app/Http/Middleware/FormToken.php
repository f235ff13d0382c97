<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/** Our pages carry the token of their forms themselves: no second copy of it goes out as a cookie. */
final class FormToken extends ValidateCsrfToken
{
    protected $addHttpCookie = false;
}
