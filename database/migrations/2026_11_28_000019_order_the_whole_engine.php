<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An engine without bores can be planned and worked; operations have places, “guides.1.ex”; a job says what stands at each machine. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plan_choices', function (Blueprint $table): void {
            $table->longText('option')->nullable()->change();
        });
        Schema::table('operation_ticks', function (Blueprint $table): void {
            $table->string('operation', 40)->change();
        });
        Schema::table('jobs', function (Blueprint $table): void {
            // What stands at each machine, derived; null where nothing does.
            $table->text('machine_queue')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('machine_queue'));
        Schema::table('plan_choices', function (Blueprint $table): void {
            $table->longText('option')->nullable(false)->change();
        });
        Schema::table('operation_ticks', function (Blueprint $table): void {
            $table->string('operation', 30)->change();
        });
    }
};
