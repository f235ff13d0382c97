<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A job can be a check of work that was done elsewhere. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->string('purpose', 12)->default('rebuild'));
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('purpose'));
    }
};
