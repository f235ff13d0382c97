<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Engines to practise on that were made before stay what they were. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('practice_engines', function (Blueprint $table): void {
            $table->unsignedTinyInteger('generation')->default(0)->after('worn');
        });
    }

    public function down(): void
    {
        Schema::table('practice_engines', function (Blueprint $table): void {
            $table->dropColumn('generation');
        });
    }
};
