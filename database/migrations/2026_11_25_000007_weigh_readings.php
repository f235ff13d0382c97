<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is weighed stands beside what is measured. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('readings', function (Blueprint $table): void {
            $table->unsignedBigInteger('mass_ug')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('readings', function (Blueprint $table): void {
            $table->dropColumn('mass_ug');
        });
    }
};
