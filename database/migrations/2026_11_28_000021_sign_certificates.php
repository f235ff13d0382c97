<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Certificates are signed with the shop's key; what comes up after a release is kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('releases', function (Blueprint $table): void {
            // Base64, and hexadecimal; null where it was signed before the shop had a key.
            $table->string('signature', 100)->nullable();
            $table->char('public_key', 64)->nullable();
        });
        Schema::create('recalls', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->string('standing', 20);
            $table->string('cause', 20);
            $table->string('reason', 300);
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->index(['job_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recalls');
        Schema::table('releases', fn (Blueprint $table) => $table->dropColumn(['signature', 'public_key']));
    }
};
