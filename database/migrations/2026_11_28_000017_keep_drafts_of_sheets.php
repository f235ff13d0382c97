<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What somebody typed into the form of a sheet and did not put into the book yet, one for each person: it may be at odds with itself. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('specification_drafts', static function (Blueprint $table): void {
            $table->id();
            $table->string('family', 40);
            $table->unsignedInteger('revision');
            $table->json('typed');
            $table->json('changes');
            $table->string('reason', 200);
            $table->foreignId('user_id')->constrained();
            $table->dateTime('created_at');
            $table->unique(['family', 'user_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('specification_drafts');
    }
};
