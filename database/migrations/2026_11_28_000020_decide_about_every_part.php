<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is out of tolerance can be any finished part, not only a bore. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('dispositions', function (Blueprint $table): void {
            $table->unsignedTinyInteger('cylinder')->nullable()->change();
            // Code of what was decided about, “main.3”; null for a bore.
            $table->string('subject', 40)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('dispositions', function (Blueprint $table): void {
            $table->dropColumn('subject');
            $table->unsignedTinyInteger('cylinder')->nullable(false)->change();
        });
    }
};
