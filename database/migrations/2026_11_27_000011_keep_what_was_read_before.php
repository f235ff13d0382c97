<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which finished readings were there when an order was made and when an operation was ticked: work that is done again outdates them. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['work_orders', 'operation_ticks'] as $name) {
            if (! Schema::hasColumn($name, 'last_reading_id')) {
                Schema::table($name, static function (Blueprint $table): void {
                    $table->unsignedBigInteger('last_reading_id')->nullable();
                });
            }
        }
    }

    public function down(): void
    {
        foreach (['work_orders', 'operation_ticks'] as $name) {
            Schema::dropColumns($name, 'last_reading_id');
        }
    }
};
