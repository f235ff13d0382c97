<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a gauge sends waits for the person whose page claimed it, and for nobody else. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gauge_lines', static fn (Blueprint $table) => $table->foreignId('user_id')->nullable()->constrained());
    }

    public function down(): void
    {
        Schema::table('gauge_lines', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('user_id');
        });
    }
};
