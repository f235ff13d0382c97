<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Few of all jobs stand at a machine: they are found without looking at the others. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('CREATE INDEX jobs_machine_queue_index ON jobs (machine_queue(4))');
    }

    public function down(): void
    {
        Schema::table('jobs', fn ($table) => $table->dropIndex('jobs_machine_queue_index'));
    }
};
