<?php

declare(strict_types=1);

namespace App\Security;

use App\Storage\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Somebody is who he says: the session is his from now on. */
final readonly class SignIn
{
    /** When the session began, and when its person last proved who he is. */
    public const BEGAN = 'began';

    public const PROVED = 'proved';

    /** The session is of a tablet that stays at a bench. */
    public const TABLET = 'tablet';

    public function __construct(private SecurityLog $log)
    {
    }

    public function as(User $person, Request $request, bool $isTablet): void
    {
        Auth::login($person);
        $session = $request->session();
        $session->regenerate();
        $session->put([self::BEGAN => now()->getTimestamp(), self::PROVED => now()->getTimestamp(), self::TABLET => $isTablet]);
        $person->logged_in_at = now();
        $person->save();
        $this->log->write(SecurityEvent::LoggedIn, $person, ['tablet' => $isTablet]);
    }
}
