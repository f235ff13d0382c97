<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Storage\JobTables;
use Illuminate\Support\Facades\DB;

/** A house without a job and without people, with its spec book and policies: what a package is read into. */
trait EmptyHouse
{
    private function forgetEverything(): void
    {
        DB::statement('SET FOREIGN_KEY_CHECKS = 0');
        foreach ([...array_keys(JobTables::REFERENCES), 'jobs', 'customers', 'users', 'people_events'] as $table) {
            $this->besideTheHouse(static fn (): int => DB::table($table)->delete());
        }
        DB::statement('SET FOREIGN_KEY_CHECKS = 1');
    }
}
