<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A sheet is a section of the inspection on one of its occasions; the sheets of the bores had names of their own. */
return new class extends Migration
{
    private const TABLES = ['setups', 'readings', 'check_backs', 'zero_sizes', 'gauge_claims', 'seats'];

    private const NAMES = ['incoming' => 'bores', 'finished' => 'bores.final'];

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('sheet', 24)->change();
            });
            foreach (self::NAMES as $former => $code) {
                DB::table($name)
                    ->where('sheet', $former)
                    ->update(['sheet' => $code]);
            }
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $name) {
            foreach (self::NAMES as $former => $code) {
                DB::table($name)
                    ->where('sheet', $code)
                    ->update(['sheet' => $former]);
            }
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('sheet', 10)->change();
            });
        }
    }
};
