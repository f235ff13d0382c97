<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The register of gauges and masters; a setup keeps what its gauge was worth when it was stated. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('gauges', function (Blueprint $table): void {
            $table->id();
            $table->string('tag', 12)->unique();
            $table->string('name', 80);
            $table->string('kind', 40);
            $table->string('unit', 2);
            $table->string('reading_unit', 10)->nullable();
            $table->bigInteger('resolution_nm');
            $table->bigInteger('calibration_nm');
            $table->bigInteger('repeatability_nm');
            $table->bigInteger('range_least_nm');
            $table->bigInteger('range_most_nm');
            $table->date('calibration_due')->nullable();
            $table->boolean('is_retired')->default(false);
            // What a feeding gauge shows to be known; a new token begins a new count of lines.
            $table->char('feed_token_hash', 64)->nullable()->unique();
            $table->unsignedInteger('feed_series')->default(0);
            $table->timestamp('created_at', 3);
            $table->index(['is_retired', 'calibration_due']);
        });
        Schema::create('masters', function (Blueprint $table): void {
            $table->id();
            $table->string('tag', 12)->unique();
            $table->string('name', 80);
            // Null: a fixture that is set to any size.
            $table->bigInteger('size_nm')->nullable();
            $table->string('unit', 2);
            $table->date('calibration_due')->nullable();
            $table->timestamp('created_at', 3);
        });
        Schema::create('gauge_events', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('gauge_id')->nullable()->constrained();
            $table->foreignId('master_id')->nullable()->constrained();
            $table->string('kind', 20);
            $table->longText('said');
            $table->char('certificate_hash', 64)->nullable();
            $table->string('certificate_name', 120)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index(['gauge_id', 'id']);
        });
        Schema::table('setups', function (Blueprint $table): void {
            $table->foreignId('gauge_id')->nullable()->constrained();
            $table->string('gauge_tag', 12)->nullable();
            $table->string('master_tag', 12)->nullable();
            $table->bigInteger('resolution_nm')->nullable();
            $table->bigInteger('calibration_nm')->nullable();
            $table->bigInteger('repeatability_nm')->nullable();
            $table->bigInteger('range_least_nm')->nullable();
            $table->bigInteger('range_most_nm')->nullable();
            $table->date('calibration_due')->nullable();
            // The place of the part it was zeroed on; its size, where it is known, stands in zero_sizes.
            $table->string('zero_place', 40)->nullable();
        });
        Schema::create('zero_sizes', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('setup_id')->constrained();
            $table->string('sheet', 10);
            $table->string('typed', 60);
            $table->bigInteger('size_nm');
            $table->string('instrument', 40);
            $table->string('gauge_tag', 12)->nullable();
            $table->bigInteger('resolution_nm');
            $table->bigInteger('calibration_nm');
            $table->bigInteger('repeatability_nm');
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index(['job_id', 'sheet', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('zero_sizes');
        Schema::table('setups', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('gauge_id');
            $table->dropColumn([
                'gauge_tag',
                'master_tag',
                'resolution_nm',
                'calibration_nm',
                'repeatability_nm',
                'range_least_nm',
                'range_most_nm',
                'calibration_due',
                'zero_place',
            ]);
        });
        foreach (['gauge_events', 'masters', 'gauges'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
