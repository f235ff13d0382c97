<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Gauges that send their readings, and the people who sit at one sheet together. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('gauge_claims', function (Blueprint $table): void {
            $table->foreignId('gauge_id')->primary()->constrained();
            $table->foreignId('job_id')->constrained();
            $table->string('sheet', 10);
            $table->char('seat', 26);
            $table->foreignId('user_id')->constrained();
            // The place a reading was asked for last, and the number of that request.
            $table->string('asked_place', 40)->nullable();
            $table->unsignedInteger('asked')->default(0);
            $table->timestamp('created_at', 3);
            $table->index('seat');
        });
        Schema::create('gauge_lines', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('gauge_id')->constrained();
            $table->unsignedInteger('series');
            $table->unsignedBigInteger('sequence')->nullable();
            $table->string('text', 40);
            $table->char('seat', 26);
            $table->foreignId('job_id')->constrained();
            // Set once the page has it in its outbox; from there on it is an entry like any other.
            $table->timestamp('taken_at', 3)->nullable();
            $table->timestamp('created_at', 3);
            $table->unique(['gauge_id', 'series', 'sequence']);
            $table->index(['seat', 'taken_at', 'id']);
        });
        Schema::create('seats', function (Blueprint $table): void {
            $table->char('seat', 26)->primary();
            $table->foreignId('job_id')->constrained();
            $table->string('sheet', 10);
            $table->foreignId('user_id')->constrained();
            $table->string('part', 10);
            $table->string('place', 40)->nullable();
            $table->timestamp('seen_at', 3);
            $table->index(['job_id', 'sheet', 'seen_at']);
        });
    }

    public function down(): void
    {
        foreach (['seats', 'gauge_lines', 'gauge_claims'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
