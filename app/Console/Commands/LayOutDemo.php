<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\People\Role;
use App\Storage\User;
use Database\Seeders\DemoShop;
use Illuminate\Console\Command;

final class LayOutDemo extends Command
{
    protected $signature = 'ledger:demo {--only-people : Lay out its people and no jobs}';

    protected $description = 'Lay out the demo shop: its people and its jobs';

    public function handle(DemoShop $demo): int
    {
        if (User::query()->exists()) {
            $this->info('There are people in this shop already; nothing was laid out.');

            return self::SUCCESS;
        }
        $people = $demo->people(Role::cases());
        if (! $this->option('only-people')) {
            $demo->jobs($people);
        }

        return self::SUCCESS;
    }
}
