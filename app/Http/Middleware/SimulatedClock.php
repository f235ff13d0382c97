<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Response;

/** In tests only: the clock runs ahead by as many seconds as a file says, so that nobody waits for a timer. */
final class SimulatedClock
{
    public function handle(Request $request, Closure $next): Response
    {
        $file = (string) config('app.clock_file');
        if ($file !== '' && is_file($file)) {
            Carbon::setTestNow(Carbon::now()->addSeconds((int) file_get_contents($file)));
        }

        return $next($request);
    }
}
