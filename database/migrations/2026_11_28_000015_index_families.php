<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What families are listed and found by; everything in it follows from their sheets and can be made again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('families', static function (Blueprint $table): void {
            $table->id();
            $table->string('family', 40)->unique();
            $table->string('state', 40);
            $table->unsignedInteger('revision');
            $table->string('name', 120)->index();
            $table->string('description', 300);
            $table->string('unit', 4);
            $table->string('layout', 20);
            $table->string('valve_train', 30);
            $table->string('block_material', 20);
            $table->bigInteger('bore_nm');
            $table->bigInteger('stroke_nm');
            $table->json('oversizes_nm');
            $table->json('castings');
        });
        Schema::create('family_sizes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('family_id')->constrained()->cascadeOnDelete();
            $table->string('of', 20);
            $table->bigInteger('step_nm');
            $table->bigInteger('least_nm');
            $table->bigInteger('most_nm');
            $table->index(['of', 'least_nm', 'most_nm', 'family_id']);
        });
        Schema::create('family_castings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('family_id')->constrained()->cascadeOnDelete();
            $table->string('number', 60)->index();
        });
    }

    public function down(): void
    {
        foreach (['family_castings', 'family_sizes', 'families'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
