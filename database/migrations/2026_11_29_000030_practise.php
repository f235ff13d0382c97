<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What people answered at the practice bench: apart from every job, and in no ledger. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('practice_answers', function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('user_id')->constrained();
            // An instrument, or a kind of method question.
            $table->string('topic', 40);
            $table->string('spot', 20);
            $table->unsignedInteger('seed');
            $table->string('typed', 40);
            $table->string('verdict', 30);
            $table->unsignedInteger('milliseconds')->nullable();
            $table->timestamp('created_at', 3);
            $table->index(['user_id', 'topic', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('practice_answers');
    }
};
