<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\People\PasswordKind;
use App\Security\OneTimePassword;
use App\Security\SecondFactor;
use App\Security\SecurityEvent;
use App\Security\SecurityLog;
use App\Security\Sessions;
use App\Storage\User;
use Illuminate\Console\Command;

/** For whoever has the machine and cannot get in: the owner who lost his password or his phone. */
final class ResetPerson extends Command
{
    protected $signature = 'people:reset {login}';

    protected $description = 'Give somebody a one-time password; takes a lock and a second factor away and ends every session';

    public function handle(SecurityLog $log): int
    {
        $login = (string) $this->argument('login');
        $person = User::query()->firstWhere('login', $login);
        if ($person === null) {
            $this->error("Nobody logs in as {$login}. Here are: ".User::query()->orderBy('login')->pluck('login')->implode(', '));

            return self::FAILURE;
        }
        $password = OneTimePassword::make();
        $person->fill(['password' => $password, 'password_kind' => PasswordKind::OneTime]);
        $person->locked_at = null;
        (new SecondFactor($person))->remove();
        (new Sessions($person))->endAllBut();
        $log->write(SecurityEvent::OneTimePasswordGiven, $person, ['from' => 'the command line']);
        $this->line("  Log in as {$login} with {$password}");
        $this->line('  It is shown this once. At the first log-in a password of one’s own is chosen.');

        return self::SUCCESS;
    }
}
