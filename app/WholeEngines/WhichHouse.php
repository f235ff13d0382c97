<?php

declare(strict_types=1);

namespace App\WholeEngines;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Before anything is asked of a database: the shop’s, or that of the practice. */
final class WhichHouse
{
    public function handle(Request $request, Closure $next): Response
    {
        PracticeHouse::enter($request);

        return $next($request);
    }
}
