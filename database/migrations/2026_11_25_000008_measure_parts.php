<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Volumes among the readings, longer names of what a gauge is stated for, and what the shop's own specification sheets lack of faces and
 * thrust.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('readings', function (Blueprint $table): void {
            $table->double('volume_mm3')->nullable()->after('mass_ug');
        });
        Schema::table('setups', function (Blueprint $table): void {
            $table->string('feature', 16)->change();
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('engine_verdict', 20)->default('not yet known')->after('verdict');
            $table->text('part_standings')->nullable()->after('engine_verdict');
        });
        foreach (DB::table('specification_revisions')->get() as $row) {
            DB::table('specification_revisions')
                ->where('id', $row->id)
                ->update(['document' => $this->completed((string) $row->document)]);
        }
    }

    public function down(): void
    {
        Schema::table('readings', function (Blueprint $table): void {
            $table->dropColumn('volume_mm3');
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropColumn(['engine_verdict', 'part_standings']);
        });
    }

    /** A sheet of the shop that was made before faces had a size takes it from the one that ships for its family. */
    private function completed(string $document): string
    {
        $sheet = json_decode($document, true);
        $shipped = json_decode((string) @file_get_contents(resource_path('specs/'.($sheet['family'] ?? '').'.json')), true);
        if (! is_array($sheet) || ! is_array($shipped)) {
            return $document;
        }
        foreach (['deck', 'head'] as $face) {
            if (isset($sheet[$face], $shipped[$face])) {
                $sheet[$face] += ['size' => $shipped[$face]['size']];
            }
        }
        $sheet['housings'] += ['thrust' => $shipped['housings']['thrust'], 'no_go' => $shipped['housings']['no_go']];

        return json_encode($sheet, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT);
    }
};
