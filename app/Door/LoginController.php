<?php

declare(strict_types=1);

namespace App\Door;

use App\People\PasswordKind;
use App\Security\LoginLimits;
use App\Security\SecurityEvent;
use App\Security\SecurityLog;
use App\Security\SignIn;
use App\Storage\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

final class LoginController
{
    /** Who has shown a password and not yet a code, until when, and on what. */
    private const HALF_IN = 'half_in';

    private const SECONDS_FOR_THE_CODE = 300;

    public function __construct(private readonly SecurityLog $log, private readonly SignIn $signIn)
    {
    }

    public function create(): View
    {
        return view('door.login', ['isDemo' => User::query()->where('password_kind', PasswordKind::Demo)->exists()]);
    }

    public function store(LoginRequest $request): RedirectResponse
    {
        $limits = $this->limits($request->login(), $request, 'login');
        $person = $this->personOf($request->login(), $request->password());
        if ($person === null) {
            $this->log->write(SecurityEvent::LoginRefused, null, ['typed' => $request->login()]);
            throw ValidationException::withMessages([
                'login' => __('door.wrong'),
            ]);
        }
        $limits->passed();
        if ($person->second_factor === null) {
            $this->signIn->as($person, $request, $request->boolean('tablet'));

            return redirect()->intended('/');
        }
        $request->session()->regenerate();
        $request->session()->put(self::HALF_IN, [
            'person' => $person->id,
            'until' => now()->getTimestamp() + self::SECONDS_FOR_THE_CODE,
            'tablet' => $request->boolean('tablet'),
        ]);

        return redirect()->route('login.code');
    }

    public function code(Request $request): View|RedirectResponse
    {
        return $this->halfIn($request) === null ? redirect()->route('login') : view('door.code');
    }

    public function storeCode(CodeRequest $request): RedirectResponse
    {
        $person = $this->halfIn($request);
        if ($person === null) {
            return redirect()
                ->route('login')
                ->withErrors(['login' => __('door.too_slow')]);
        }
        $limits = $this->limits("code of {$person->login}", $request, 'code');
        if (! $request->isRightFor($person)) {
            $this->log->write(SecurityEvent::CodeRefused, $person);
            throw ValidationException::withMessages(['code' => __('door.code.wrong')]);
        }
        $limits->passed();
        $isTablet = (bool) $request->session()->get(self::HALF_IN.'.tablet');
        $request->session()->forget(self::HALF_IN);
        $this->signIn->as($person, $request, $isTablet);

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        $user = $request->user();
        $this->log->write(SecurityEvent::LoggedOut, $user instanceof User ? $user : null);
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/login');
    }

    private function limits(string $account, Request $request, string $field): LoginLimits
    {
        $limits = LoginLimits::of($account, (string) $request->ip());
        $wait = $limits->wait();
        if ($wait > 0) {
            $this->log->write(SecurityEvent::LoginHeldBack, null, ['typed' => $account]);
            throw ValidationException::withMessages([$field => __('door.wait', ['seconds' => $wait])]);
        }
        $limits->hit();

        return $limits;
    }

    /** Takes as long for a name that nobody has. */
    private function personOf(string $login, string $password): ?User
    {
        $person = preg_match(PersonRequest::LOGIN, $login) === 1 ? User::query()->firstWhere('login', $login) : null;
        $isRight = Hash::check($password, $person->password ?? self::nobodysHash());

        return $isRight && $person?->locked_at === null ? $person : null;
    }

    /** A hash that no password has, as dear to try as everybody's. */
    private static function nobodysHash(): string
    {
        return sprintf('$2y$%02d$%s', (int) config('hashing.bcrypt.rounds'), str_repeat('.', 53));
    }

    private function halfIn(Request $request): ?User
    {
        /** @var ?array{person: int, until: int, tablet: bool} $half */
        $half = $request->session()->get(self::HALF_IN);
        if ($half === null || $half['until'] < now()->getTimestamp()) {
            return null;
        }
        $person = User::query()->find($half['person']);

        return $person?->locked_at === null && $person?->second_factor !== null ? $person : null;
    }
}
