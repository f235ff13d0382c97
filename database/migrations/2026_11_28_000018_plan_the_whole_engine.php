<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A choice is one for every part; customers can be written to, and are sent offers. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plan_choices', function (Blueprint $table): void {
            // By part, as codes; null of a choice from before there was a plan of the whole engine.
            $table->json('parts')->nullable()->after('option');
            $table->json('recommended_parts')->nullable()->after('parts');
            $table->unsignedBigInteger('cost_minor')->nullable()->after('recommended_parts');
            $table->unsignedInteger('lead_days')->nullable()->after('cost_minor');
        });
        Schema::table('jobs', function (Blueprint $table): void {
            // What was found since beside the bores that the agreed plan does not hold for, as JSON.
            $table->text('plan_stops')->nullable()->after('part_standings');
            // Until when an offer that is out wants its answer; null where none is.
            $table->date('answer_due_on')->nullable()->after('plan_stops');
        });
        Schema::table('customers', function (Blueprint $table): void {
            $table->string('address', 300)->default('');
            $table->string('email', 160)->default('');
            $table->string('phone', 60)->default('');
            $table->string('asked_by', 20)->default('');
        });
        // What lies on the shelf, by family; one size is one row.
        Schema::create('shelf_parts', function (Blueprint $table): void {
            $table->id();
            $table->string('family', 40)->default('');
            $table->string('part', 60);
            $table->unsignedInteger('count');
            $table->unique(['family', 'part']);
        });
        // What of it is promised to jobs.
        Schema::create('shelf_reservations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('part', 60);
            $table->unsignedInteger('count');
            $table->unique(['job_id', 'part']);
        });
        // What can change of an offer without anybody saying anything about the job: its link was opened.
        Schema::create('offer_links', function (Blueprint $table): void {
            $table->id();
            $table->char('offer', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->timestamp('opened_at', 3)->nullable();
            $table->unsignedInteger('opened_times')->default(0);
        });
    }

    public function down(): void
    {
        foreach (['shelf_reservations', 'shelf_parts', 'offer_links'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('customers', fn (Blueprint $table) => $table->dropColumn(['address', 'email', 'phone', 'asked_by']));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['plan_stops', 'answer_due_on']));
        Schema::table('plan_choices', function (Blueprint $table): void {
            $table->dropColumn(['parts', 'recommended_parts', 'cost_minor', 'lead_days']);
        });
    }
};
