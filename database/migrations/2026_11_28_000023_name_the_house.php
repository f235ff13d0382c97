<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** A database has a name of its own, so that what is sealed outside it is known to be of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('houses', function (Blueprint $table): void {
            $table->char('ulid', 26)->primary();
        });
        DB::table('houses')->insert(['ulid' => (string) Str::ulid()]);
    }

    public function down(): void
    {
        Schema::dropIfExists('houses');
    }
};
