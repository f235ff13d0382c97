<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Simulated blocks that people judge at the practice bench: apart from every job, and in no ledger. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('practice_blocks', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('user_id')->constrained();
            $table->string('family', 60);
            $table->unsignedInteger('family_revision');
            $table->unsignedInteger('policy_revision');
            $table->string('difficulty', 20);
            $table->unsignedInteger('seed');
            $table->unsignedSmallInteger('attempt');
            $table->timestamp('created_at', 3);
            // What was stated of it; null until somebody does.
            $table->boolean('can_stay')->nullable();
            $table->string('way', 40)->nullable();
            $table->unsignedTinyInteger('points')->nullable();
            $table->timestamp('answered_at', 3)->nullable();
            $table->index(['user_id', 'id']);
        });
        Schema::create('practice_block_events', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('practice_block_id')->constrained();
            $table->string('kind', 10);
            $table->string('place', 60)->default('');
            $table->string('typed', 40)->default('');
            // A size; what the gauge shows on its master.
            $table->bigInteger('value_nm')->nullable();
            $table->string('look', 40)->nullable();
            $table->timestamp('created_at', 3);
            $table->index(['practice_block_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('practice_block_events');
        Schema::dropIfExists('practice_blocks');
    }
};
