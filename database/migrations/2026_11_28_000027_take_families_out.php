<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A family that is taken out of the book leaves its revisions behind: what was sealed stays as it was. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('removed_families', function (Blueprint $table): void {
            $table->string('family', 40)->primary();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('removed_families');
    }
};
