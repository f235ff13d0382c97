<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether a gauge is fit is tried once, when it is stated (GAUGE-9); empty: it is fit, null: stated before that was kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('setups', static function (Blueprint $table): void {
            $table->string('fitness', 400)->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropColumns('setups', 'fitness');
    }
};
