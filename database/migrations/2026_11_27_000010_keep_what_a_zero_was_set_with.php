<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a gauge was set to its size with is part of what the size rests on (GAUGE-5). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('setups', static function (Blueprint $table): void {
            // Null: a ring, a fixture or a master of the register.
            $table->string('zero_with', 40)->nullable();
        });
    }
};
