<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A scale is a gauge of the register: what it is worth stands in micrograms. */
return new class extends Migration
{
    private const COLUMNS = ['scale_resolution_ug', 'scale_calibration_ug', 'scale_repeatability_ug', 'scale_most_ug'];

    public function up(): void
    {
        foreach (['gauges', 'setups'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                foreach (self::COLUMNS as $column) {
                    $table->unsignedBigInteger($column)->nullable();
                }
            });
        }
    }

    public function down(): void
    {
        foreach (['gauges', 'setups'] as $name) {
            Schema::dropColumns($name, self::COLUMNS);
        }
    }
};
