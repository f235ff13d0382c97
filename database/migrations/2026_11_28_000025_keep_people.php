<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** People come, lose their password, are asked for a second factor, and leave; who sees prices is said by person. */
return new class extends Migration
{
    public function up(): void
    {
        // Letters that only look alike are no second log-in: names are plain and compared byte by byte.
        DB::statement('ALTER TABLE users MODIFY login VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL');
        Schema::table('users', function (Blueprint $table): void {
            $table->string('password_kind', 10)->default('own');
            $table->timestamp('password_changed_at')->nullable();
            $table->timestamp('locked_at')->nullable();
            $table->boolean('sees_prices')->default(true);
            $table->text('second_factor')->nullable();
            $table->timestamp('logged_in_at')->nullable();
        });
        DB::table('users')
            ->where('role', 'machinist')
            ->update(['sees_prices' => false]);
        Schema::table('houses', function (Blueprint $table): void {
            $table->json('access')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('houses', static fn (Blueprint $table) => $table->dropColumn('access'));
        Schema::table(
            'users',
            static fn (Blueprint $table) => $table->dropColumn([
                'password_kind',
                'password_changed_at',
                'locked_at',
                'sees_prices',
                'second_factor',
                'logged_in_at',
            ]),
        );
        DB::statement('ALTER TABLE users MODIFY login VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci NOT NULL');
    }
};
