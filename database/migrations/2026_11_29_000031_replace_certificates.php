<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A job that was opened again is released anew: its new certificate stands beside the one it replaces. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('releases', function (Blueprint $table): void {
            $table->index(['job_id', 'id']);
            $table->dropUnique(['job_id']);
        });
    }

    public function down(): void
    {
        Schema::table('releases', function (Blueprint $table): void {
            $table->unique('job_id');
            $table->dropIndex(['job_id', 'id']);
        });
    }
};
