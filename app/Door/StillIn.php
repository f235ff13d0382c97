<?php

declare(strict_types=1);

namespace App\Door;

use App\People\PasswordKind;
use App\Security\SecurityEvent;
use App\Security\SecurityLog;
use App\Security\SignIn;
use App\Session\PersonOfSession;
use App\Storage\AccessRules;
use App\Storage\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Whether somebody who is logged in still may be: not locked, not idle for too long, with a password of his own. */
final readonly class StillIn
{
    private const SECONDS_AN_HOUR = 3600;

    /** What somebody may open who first has to choose a password or set a second factor. */
    private const OWN_PAGES = ['own', 'own.*', 'logout'];

    public function __construct(private PersonOfSession $read, private SecurityLog $log)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $person */
        $person = $request->user();
        $rules = $this->read->row === null ? AccessRules::inForce() : AccessRules::fromJson($this->read->access);
        $why = $this->whyOut($person, $request, $rules);
        if ($why !== null) {
            $this->log->write(SecurityEvent::SessionRanOut, $person);
            Auth::logout();
            $request->session()->invalidate();
            $request->session()->flash('note', $why);
            throw new AuthenticationException($why);
        }
        $first = $request->routeIs(...self::OWN_PAGES) ? null : $this->whatFirst($person, $rules);
        if ($first === null) {
            // Asked for at every step from here on, and the same person until the answer is sent.
            $request->setUserResolver(static fn (): User => $person);

            return $next($request);
        }

        return $request->expectsJson() ? new JsonResponse(['message' => $first], 403) : redirect()->route('own')->with('first', $first);
    }

    private function whyOut(User $person, Request $request, AccessRules $rules): ?string
    {
        $session = $request->session();
        $now = now()->getTimestamp();
        $age = $now - (int) $session->get(SignIn::BEGAN, $now);
        $idle = $now - ($this->read->touchedAt ?? $now);
        $idleHours = $session->get(SignIn::TABLET) === true ? $rules->tabletIdleHours : $rules->idleHours;

        return match (true) {
            $person->locked_at !== null => __('door.locked'),
            $age > $rules->longestHours * self::SECONDS_AN_HOUR => __('door.longest', ['hours' => $rules->longestHours]),
            $idle > $idleHours * self::SECONDS_AN_HOUR => __('door.idle', ['hours' => $idleHours]),
            default => null,
        };
    }

    private function whatFirst(User $person, AccessRules $rules): ?string
    {
        return match (true) {
            $person->password_kind === PasswordKind::OneTime => __('door.first.password'),
            $person->second_factor === null && $rules->wantsSecondFactor($person->role) => __('door.first.factor'),
            default => null,
        };
    }
}
