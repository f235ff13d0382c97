<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Gauges put back on their masters. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('check_backs', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('setup_id')->constrained();
            $table->string('sheet', 10);
            $table->string('typed', 60);
            $table->bigInteger('master_nm');
            $table->bigInteger('shows_nm');
            // Readings up to this one were taken before the check.
            $table->unsignedBigInteger('last_reading_id')->default(0);
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index(['job_id', 'sheet', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('check_backs');
    }
};
