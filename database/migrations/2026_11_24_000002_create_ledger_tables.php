<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Jobs and everything written about them. Rows of readings, choices, ticks and the ledger are only ever added. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('policy_revisions', function (Blueprint $table): void {
            $table->unsignedInteger('number')->primary();
            $table->longText('policy');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestamp('created_at', 3);
        });
        Schema::create('customers', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('family', 40);
            $table->unsignedInteger('family_revision');
            $table->string('serial', 60)->index();
            $table->foreignId('customer_id')->constrained();
            $table->string('description', 120)->default('');
            $table->text('wishes')->nullable();
            $table->date('due_on');
            $table->bigInteger('declared_step_nm')->nullable();
            $table->string('declared_evidence', 120)->nullable();
            // What lists show; written with the entries it follows from, and recomputable from them.
            $table->string('stage', 12)->default('measure');
            $table->string('verdict', 20)->default('not yet known');
            $table->string('headline', 120)->default('');
            $table->string('waits_for', 120)->default('');
            $table->boolean('is_closed')->default(false);
            $table->unsignedInteger('policy_revision')->default(0);
            // The head of the job's ledger.
            $table->unsignedInteger('entries')->default(0);
            $table->char('head_hash', 64)->default(str_repeat('0', 64));
            $table->timestamp('created_at', 3);
            $table->index(['is_closed', 'due_on', 'id']);
            $table->index(['customer_id', 'due_on']);
        });
        // The tag is the number of the row; a shop's tags have three digits from the first day.
        DB::statement('ALTER TABLE jobs AUTO_INCREMENT = 401');
        Schema::create('ledger_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->unsignedInteger('number');
            $table->char('request_id', 26)->unique();
            $table->string('kind', 30);
            $table->longText('payload');
            $table->foreignId('user_id')->constrained();
            $table->string('created_at', 30);
            $table->char('previous_hash', 64);
            $table->char('hash', 64);
            $table->unique(['job_id', 'number']);
        });
        Schema::create('setups', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->string('sheet', 10);
            $table->string('feature', 10);
            $table->string('instrument', 40);
            $table->string('reading_unit', 10)->nullable();
            $table->bigInteger('zero_nm')->nullable();
            $table->boolean('caps_torqued')->default(false);
            $table->boolean('torque_plate')->default(false);
            $table->boolean('cooled')->default(false);
            $table->boolean('clean')->default(false);
            $table->decimal('part_celsius', 5, 1)->nullable();
            $table->decimal('master_celsius', 5, 1)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index(['job_id', 'sheet', 'feature', 'id']);
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->string('sheet', 10);
            $table->string('place', 40);
            $table->string('typed', 60);
            $table->bigInteger('value_nm')->nullable();
            $table->string('look', 20)->nullable();
            $table->foreignId('setup_id')->nullable()->constrained();
            // Repeats of one place share a series; a correction starts a new one and names the row it supersedes.
            $table->char('series', 26);
            $table->foreignId('supersedes_id')->nullable()->constrained('readings');
            // Set where this row takes another one back (undo).
            $table->foreignId('withdraws_id')->nullable()->unique()->constrained('readings');
            $table->string('reason', 200)->nullable();
            $table->boolean('was_confirmed')->default(false);
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index(['job_id', 'sheet', 'id']);
        });
        Schema::create('plan_choices', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->string('option_key', 30);
            $table->longText('option');
            $table->string('recommended_key', 30);
            $table->string('reason', 200)->nullable();
            $table->unsignedInteger('policy_revision');
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index(['job_id', 'id']);
        });
        Schema::create('operation_ticks', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('plan_choice_id')->constrained();
            $table->string('operation', 30);
            // done, not needed, or open again
            $table->string('state', 12);
            $table->bigInteger('actual_nm')->nullable();
            $table->string('typed', 60)->nullable();
            $table->string('remark', 200)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index(['job_id', 'plan_choice_id', 'id']);
        });
        Schema::create('dispositions', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('plan_choice_id')->constrained();
            $table->unsignedTinyInteger('cylinder');
            $table->string('kind', 12);
            $table->string('reason', 200);
            // Readings up to this one belong to the state before the disposition.
            $table->unsignedBigInteger('last_reading_id')->default(0);
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index(['job_id', 'id']);
        });
        Schema::create('releases', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->unique()->constrained();
            $table->longText('certificate');
            $table->char('certificate_hash', 64);
            $table->string('statement', 200);
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
        });
    }

    public function down(): void
    {
        foreach (
            [
                'releases',
                'dispositions',
                'operation_ticks',
                'plan_choices',
                'readings',
                'setups',
                'ledger_entries',
                'jobs',
                'customers',
                'policy_revisions',
            ] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }
};
