<?php

declare(strict_types=1);

namespace App\Door;

use App\People\PasswordKind;
use App\Security\SecondFactor;
use App\Security\SecurityEvent;
use App\Security\SecurityLog;
use App\Security\Sessions;
use App\Security\SignIn;
use App\Security\TimeCode;
use App\Storage\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Somebody's own page: password, second factor, and where he is logged in. */
final class OwnPageController
{
    /** The secret of a second factor that is being set and not yet proved. */
    private const SECRET = 'second_factor_secret';

    public function __construct(private readonly SecurityLog $log)
    {
    }

    public function show(Request $request, #[CurrentUser] User $person): View
    {
        $secret = $request->session()->get(self::SECRET);
        $code = is_string($secret) ? new TimeCode($secret) : null;

        return view('door.own', [
            'person' => $person,
            'sessions' => (new Sessions($person))->open($request->session()->getId()),
            'secret' => $code,
            'address' => $code?->address($person->login, (string) config('app.shop')),
            'codesLeft' => (new SecondFactor($person))->recoveryCodesLeft(),
        ]);
    }

    public function password(OwnPasswordRequest $request, #[CurrentUser] User $person): RedirectResponse
    {
        $person->fill(['password' => $request->chosen(), 'password_kind' => PasswordKind::Own]);
        $person->password_changed_at = now();
        $person->save();
        $request->session()->regenerate();
        $request->session()->put(SignIn::PROVED, now()->getTimestamp());
        (new Sessions($person))->endAllBut($request->session()->getId());
        $this->log->write(SecurityEvent::PasswordChosen, $person);

        return $this->back(__('door.note.password'));
    }

    public function endSession(Request $request, #[CurrentUser] User $person): RedirectResponse
    {
        $sessions = new Sessions($person);
        $which = $request->string('session')->toString();
        $ended = $which === 'others' ? $sessions->endAllBut($request->session()->getId()) : $sessions->end($which);
        $this->log->write(SecurityEvent::SessionsEnded, $person, ['ended' => $ended]);

        return $this->back($ended === 0 ? __('door.note.nothing_ended') : __('door.note.ended_there'));
    }

    public function beginSecondFactor(Request $request): RedirectResponse
    {
        $request->session()->put(self::SECRET, TimeCode::make()->secret);

        return redirect()->route('own')->withFragment('second-factor');
    }

    public function setSecondFactor(CodeRequest $request, #[CurrentUser] User $person): RedirectResponse
    {
        $code = new TimeCode((string) $request->session()->get(self::SECRET));
        $step = $code->stepOf((string) preg_replace('/\s/', '', $request->string('code')->toString()), now()->getTimestamp());
        if ($code->secret === '' || $step === null) {
            throw ValidationException::withMessages([
                'code' => __('door.code.not_proved'),
            ]);
        }
        $recovery = (new SecondFactor($person))->set($code, $step);
        $request->session()->forget(self::SECRET);
        $this->log->write(SecurityEvent::SecondFactorSet, $person);

        return redirect()->route('own')->withFragment('second-factor')->with('recovery', $recovery);
    }

    public function removeSecondFactor(RemoveFactorRequest $request, #[CurrentUser] User $person): RedirectResponse
    {
        (new SecondFactor($person))->remove();
        $this->log->write(SecurityEvent::SecondFactorRemoved, $person);

        return $this->back(__('door.note.factor_off'));
    }

    private function back(string $note): RedirectResponse
    {
        return redirect()->route('own')->with('note', $note);
    }
}
