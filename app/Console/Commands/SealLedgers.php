<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Signing\SealBook;
use Illuminate\Console\Command;

final class SealLedgers extends Command
{
    protected $signature = 'ledger:seal {--daily : only where nothing was sealed today}';

    protected $description = 'Sign the last entry of every ledger into the chained file of seals, outside the database';

    public function handle(SealBook $seals): int
    {
        if ($this->option('daily') && $seals->isSealedToday()) {
            return self::SUCCESS;
        }
        $seal = $seals->seal();
        $this->info(
            $seal === null ? 'Nothing was written since the last seal.' : "Seal {$seal->number}: ".count($seal->heads).' ledgers.',
        );

        return self::SUCCESS;
    }
}
