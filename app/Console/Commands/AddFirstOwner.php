<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\People\PasswordKind;
use App\People\Role;
use App\Security\OneTimePassword;
use App\Storage\User;
use Illuminate\Console\Command;

/** A shop without demo data begins with its owner, and with a password that nobody else has seen. */
final class AddFirstOwner extends Command
{
    protected $signature = 'people:first';

    protected $description = 'Let the owner of an empty shop in: prints a one-time password, once';

    public function handle(): int
    {
        if (User::query()->exists()) {
            $this->info('There are people in this shop already. Where nobody gets in any more: php artisan people:reset LOGIN');

            return self::SUCCESS;
        }
        $password = OneTimePassword::make();
        User::query()->create([
            'login' => 'owner',
            'name' => 'Owner',
            'role' => Role::Owner,
            'password' => $password,
            'password_kind' => PasswordKind::OneTime,
        ]);
        $this->line("  Log in as owner with {$password}");
        $this->line('  It is shown this once. At the first log-in you choose a password of your own.');

        return self::SUCCESS;
    }
}
