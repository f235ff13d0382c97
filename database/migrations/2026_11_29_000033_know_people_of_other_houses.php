<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Somebody whose name came with a job from another house is nobody of this one: what he is called there stays with him. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', static fn (Blueprint $table) => $table->json('foreign_identity')->nullable());
    }

    public function down(): void
    {
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn('foreign_identity'));
    }
};
