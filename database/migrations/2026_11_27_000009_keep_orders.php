<?php

declare(strict_types=1);

use App\Record\JobFiles;
use App\Stages\MakeOrder;
use App\Storage\Job;
use App\Storage\OperationTick;
use App\Storage\PlanChoice;
use App\Storage\User;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** An order of work is made once and kept with its revisions; looks of the faces are longer than a bore's. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('readings', static function (Blueprint $table): void {
            $table->string('look', 60)->nullable()->change();
        });
        Schema::create('work_orders', static function (Blueprint $table): void {
            $table->id();
            $table->char('ulid', 26)->unique();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('plan_choice_id')->constrained();
            // Over all orders of the job; a new choice of size goes on counting.
            $table->unsignedInteger('number');
            $table->longText('document');
            $table->unsignedBigInteger('last_reading_id')->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at', 3);
            $table->unique(['job_id', 'number']);
        });
        Schema::table('operation_ticks', static function (Blueprint $table): void {
            $table->unsignedInteger('order_number')->default(0)->after('plan_choice_id');
        });
        $this->keepOrdersOfOpenChoices();
    }

    public function down(): void
    {
        Schema::table('operation_ticks', static function (Blueprint $table): void {
            $table->dropColumn('order_number');
        });
        Schema::dropIfExists('work_orders');
    }

    /** Choices from before this have their order as it follows from everything today, once. */
    private function keepOrdersOfOpenChoices(): void
    {
        foreach (PlanChoice::query()->select('job_id')->distinct()->pluck('job_id') as $id) {
            $job = Job::query()->findOrFail($id);
            $choice = PlanChoice::query()->where('job_id', $id)->latest('id')->firstOrFail();
            MakeOrder::write(app(JobFiles::class)->open($job), $choice, User::query()->findOrFail($choice->user_id), (string) Str::ulid());
            OperationTick::query()
                ->where('plan_choice_id', $choice->id)
                ->update(['order_number' => DB::table('work_orders')->where('job_id', $id)->max('number') ?? 0]);
        }
    }
};
