<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final class LoginController
{
    private const TRIES_A_MINUTE = 6;

    public function create(): View
    {
        return view('login');
    }

    public function store(LoginRequest $request): RedirectResponse
    {
        /** @var array{login: string, password: string} $credentials */
        $credentials = $request->validated();
        $key = 'login:'.mb_strtolower($credentials['login']).'|'.$request->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES_A_MINUTE)) {
            throw ValidationException::withMessages([
                'login' => 'Too many tries. Wait '.RateLimiter::availableIn($key).' seconds, then try again.',
            ]);
        }
        RateLimiter::hit($key);
        if (! Auth::attempt($credentials)) {
            throw ValidationException::withMessages([
                'login' => 'That log-in and password do not belong together. Check both and try again.',
            ]);
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/login');
    }
}
