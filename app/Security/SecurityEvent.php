<?php

declare(strict_types=1);

namespace App\Security;

/** What the security log tells of. */
enum SecurityEvent: string
{
    case LoggedIn = 'logged_in';
    case LoginRefused = 'login_refused';
    case LoginHeldBack = 'login_held_back';
    case CodeRefused = 'code_refused';
    case LoggedOut = 'logged_out';
    case SessionRanOut = 'session_ran_out';
    case SessionsEnded = 'sessions_ended';
    case Signed = 'signed';
    case SignatureRefused = 'signature_refused';
    case Refused = 'refused';
    case PasswordChosen = 'password_chosen';
    case OneTimePasswordGiven = 'one_time_password_given';
    case SecondFactorSet = 'second_factor_set';
    case SecondFactorRemoved = 'second_factor_removed';
    case PersonAdded = 'person_added';
    case PersonChanged = 'person_changed';
    case PersonLocked = 'person_locked';
    case PersonUnlocked = 'person_unlocked';
    case AccessRulesChanged = 'access_rules_changed';
    case PolicyChanged = 'policy_changed';
    case FeedTokenMade = 'feed_token_made';
    case FeedTokenRefused = 'feed_token_refused';
}
