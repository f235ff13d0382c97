<?php

declare(strict_types=1);

use App\Http\Middleware\FormToken;
use App\Http\Middleware\ReadableInput;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SimulatedClock;
use App\Http\Problems;
use App\WholeEngines\WhichHouse;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Everything is same-origin; cross-origin use is not offered.
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(WhichHouse::class);
        $middleware->append(ReadableInput::class);
        $middleware->web(replace: [ValidateCsrfToken::class => FormToken::class]);
        if (env('APP_ENV') === 'testing') {
            $middleware->prepend(SimulatedClock::class);
        }
        $middleware->redirectGuestsTo('/login');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Problems::register($exceptions);
    })->create();
