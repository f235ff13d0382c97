<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An engine that has no bores to work can be planned and worked: a crankshaft alone. Operations have places: “guides.1.ex”. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('plan_choices', function (Blueprint $table): void {
            $table->longText('option')->nullable()->change();
        });
        Schema::table('operation_ticks', function (Blueprint $table): void {
            $table->string('operation', 40)->change();
        });
    }

    public function down(): void
    {
        Schema::table('plan_choices', function (Blueprint $table): void {
            $table->longText('option')->nullable(false)->change();
        });
        Schema::table('operation_ticks', function (Blueprint $table): void {
            $table->string('operation', 30)->change();
        });
    }
};
