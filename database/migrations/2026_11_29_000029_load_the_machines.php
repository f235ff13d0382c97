<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Machines have hours and days off; what is left of each job is planned on them, pinned, and learned from. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            // What is left to load the machines with, and what finished work took; derived, null where nothing is.
            $table->text('load_work')->nullable()->after('machine_queue');
            $table->text('times_taken')->nullable()->after('load_work');
        });
        DB::statement('CREATE INDEX jobs_load_work_index ON jobs (load_work(4))');
        DB::statement('CREATE INDEX jobs_times_taken_index ON jobs (times_taken(4))');
        Schema::table('houses', function (Blueprint $table): void {
            // The hours of the shop and its machines, who runs them, how long an answer is waited for.
            $table->json('load_rules')->nullable();
            $table->unsignedInteger('load_version')->default(0);
        });
        // A day off of the shop, a machine out of order, somebody away.
        Schema::create('closures', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->string('machine', 20)->nullable();
            $table->foreignId('person_id')->nullable()->constrained('users');
            $table->dateTime('begins_at');
            $table->dateTime('ends_at');
            $table->string('why', 120);
            // Of the calendar it was read from; null where somebody keyed it.
            $table->string('calendar_uid', 190)->nullable()->unique();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index('ends_at');
        });
        Schema::create('load_pins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('kind', 30);
            $table->dateTime('starts_at');
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->unique(['job_id', 'kind']);
        });
        // Calendars that other programs read, each behind a token that can be withdrawn; only its hash is kept.
        Schema::create('calendar_feeds', function (Blueprint $table): void {
            $table->id();
            $table->char('token_hash', 64)->unique();
            $table->string('machine', 20)->nullable();
            $table->string('name', 80);
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->timestamp('withdrawn_at')->nullable();
        });
    }

    public function down(): void
    {
        foreach (['calendar_feeds', 'load_pins', 'closures'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('houses', fn (Blueprint $table) => $table->dropColumn(['load_rules', 'load_version']));
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropIndex('jobs_load_work_index');
            $table->dropIndex('jobs_times_taken_index');
            $table->dropColumn(['load_work', 'times_taken']);
        });
    }
};
