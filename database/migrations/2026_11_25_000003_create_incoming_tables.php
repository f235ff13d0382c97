<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The first three stages: what was found at receiving, pre-check and crack check; photos; the spec book's own revisions. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('arrival', 20)->default('complete')->after('serial');
            $table->string('castings', 120)->default('')->after('arrival');
            $table->string('usage', 20)->nullable()->after('wishes');
            $table->bigInteger('budget_minor')->nullable()->after('usage');
            $table->boolean('keeps_original')->default(false)->after('budget_minor');
            // What lists show, like stage and verdict: the next timer, and whether the customer is waited for.
            $table->dateTime('timer_due_at', 3)->nullable()->after('waits_for');
            $table->string('timer_words', 80)->default('')->after('timer_due_at');
            $table->boolean('is_held')->default(false)->after('timer_words');
        });
        Schema::create('observations', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->string('kind', 30);
            // What it is said about; a later row of the same kind and subject takes its place.
            $table->string('subject', 60);
            $table->longText('said');
            // When it was seen or done; later than that it may have arrived here.
            $table->dateTime('happened_at', 3);
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index(['job_id', 'id']);
        });
        Schema::create('photos', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->string('subject', 60);
            $table->string('remark', 120)->default('');
            $table->char('content_hash', 64)->index();
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index(['job_id', 'id']);
        });
        Schema::create('specification_revisions', function (Blueprint $table): void {
            $table->id();
            $table->string('family', 40);
            $table->unsignedInteger('revision');
            $table->longText('document');
            $table->string('reason', 200);
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->unique(['family', 'revision']);
        });
    }

    public function down(): void
    {
        foreach (['specification_revisions', 'photos', 'observations'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table(
            'jobs',
            static fn (Blueprint $table) => $table->dropColumn([
                'arrival',
                'castings',
                'usage',
                'budget_minor',
                'keeps_original',
                'timer_due_at',
                'timer_words',
                'is_held',
            ]),
        );
    }
};
