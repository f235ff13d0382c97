<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whole engines at the practice bench; the sheets that are read of one lie in the database of the practice (PRAC-3). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('practice_engines', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->charset('ascii')->unique();
            $table->foreignId('user_id')->constrained();
            $table->string('family', 60);
            $table->unsignedInteger('family_revision');
            $table->unsignedInteger('policy_revision');
            $table->string('difficulty', 20);
            $table->unsignedInteger('seed');
            $table->unsignedSmallInteger('attempt');
            $table->json('worn');
            $table->unsignedSmallInteger('sight')->nullable();
            $table->boolean('is_crack')->default(false);
            $table->unsignedBigInteger('job_id')->index();
            $table->unsignedInteger('clock_ahead')->default(0);
            $table->dateTime('created_at', 3);
            $table->json('stated')->nullable();
            $table->string('way', 40)->nullable();
            $table->unsignedTinyInteger('points')->nullable();
            $table->dateTime('answered_at', 3)->nullable();
            $table->index(['user_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('practice_engines');
    }
};
