<?php

declare(strict_types=1);

namespace App\Security;

use App\Storage\AccessRules;
use App\Storage\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/**
 * A signature is the person's own password, and the second factor too where the last sign-in was long ago. Ten wrong ones
 * in an hour end the session: who sits there is somebody else.
 */
final readonly class OwnSignature implements ValidationRule
{
    public const CODE = 'code';

    private const MOST_MISSES = 10;

    private const SECONDS = 3600;

    public function __construct(private Request $request, private SecurityLog $log)
    {
    }

    /** Whether this person's sign-in is so long ago that a signature asks for the second factor. */
    public static function wantsCode(Request $request): bool
    {
        $user = $request->user();

        return $user instanceof User &&
            $user->second_factor !== null &&
            (int) $request->session()->get(SignIn::PROVED) < now()->getTimestamp() - 3600 * AccessRules::inForce()->signAgainHours;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        /** @var User $user */
        $user = $this->request->user();
        $key = "sign:{$user->id}";
        $refusal = match (true) {
            ! is_string($value) || ! Hash::check($value, $user->password) => __('door.sign.password'),
            self::wantsCode($this->request) && ! $this->showsCode($user) => __('door.sign.code'),
            default => null,
        };
        if ($refusal === null) {
            RateLimiter::clear($key);
            $this->request->session()->put(SignIn::PROVED, now()->getTimestamp());
            $this->log->write(SecurityEvent::Signed, $user);

            return;
        }
        RateLimiter::hit($key, self::SECONDS);
        $this->log->write(SecurityEvent::SignatureRefused, $user, ['try' => RateLimiter::attempts($key)]);
        if (RateLimiter::attempts($key) >= self::MOST_MISSES) {
            Auth::logout();
            $this->request->session()->invalidate();
            throw new AuthenticationException(__('door.sign.ended'));
        }
        $fail($refusal);
    }

    private function showsCode(User $user): bool
    {
        $code = $this->request->input(self::CODE);

        return is_string($code) && (new SecondFactor($user))->accepts($code);
    }
}
