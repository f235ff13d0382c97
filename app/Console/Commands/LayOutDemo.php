<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\People\Role;
use App\Storage\User;
use Database\Seeders\DemoShop;
use Illuminate\Console\Command;

final class LayOutDemo extends Command
{
    protected $signature = 'ledger:demo {--owner-only : only the owner\'s log-in, no jobs}';

    protected $description = 'Lay out the demo shop: its people and its jobs';

    public function handle(DemoShop $demo): int
    {
        if (User::query()->exists()) {
            $this->info('There are people in this shop already; nothing was laid out.');

            return self::SUCCESS;
        }
        $roles = $this->option('owner-only') ? [Role::Owner] : Role::cases();
        $people = $demo->people($roles);
        if (! $this->option('owner-only')) {
            $demo->jobs($people);
        }

        return self::SUCCESS;
    }
}
