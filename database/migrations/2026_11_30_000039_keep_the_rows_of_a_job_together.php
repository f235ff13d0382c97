<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What was read and said of a job is asked for job by job: so its rows lie beside each other, and not in the order of all jobs. */
return new class extends Migration
{
    private const TABLES = ['readings', 'observations'];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement("ALTER TABLE {$table} DROP PRIMARY KEY, ADD PRIMARY KEY (job_id, id), ADD UNIQUE KEY {$table}_id_unique (id)");
        }
        DB::statement('ALTER TABLE observations DROP KEY observations_job_id_id_index');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE observations ADD KEY observations_job_id_id_index (job_id, id)');
        foreach (self::TABLES as $table) {
            DB::statement("ALTER TABLE {$table} DROP PRIMARY KEY, ADD PRIMARY KEY (id), DROP KEY {$table}_id_unique");
        }
    }
};
