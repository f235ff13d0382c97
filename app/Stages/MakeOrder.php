<?php

declare(strict_types=1);

namespace App\Stages;

use App\Ledger\Ledger;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Record\VerificationOfJob;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\OrderRecord;
use App\Storage\PlanChoice;
use App\Storage\StoredOrder;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Work\WorkOrder;

/** Makes a new revision of the order: a visible act, with its differences (WORK-1, VER-6). */
final readonly class MakeOrder
{
    public function __construct(private Ledger $ledger)
    {
    }

    public function handle(Job $job, User $by, string $ulid): Written
    {
        return $this->ledger->write($job->id, $ulid, EntryKind::Order, $by, static function (JobFile $file) use ($by, $ulid): array {
            $choice = $file->work()->choice() ?? throw Refused::because('order', Line::of('stages.told.choose_size_order_follows'));
            $differences = $file->work()->orderDifferences();
            if ($differences === []) {
                throw Refused::because('order', Line::of('stages.told.order_would_made_today'));
            }
            $stored = self::write($file, $choice, $file->work()->presentOption(), $by, $ulid);

            return ['order' => $stored?->number, 'reason' => implode(' ', $differences)];
        });
    }

    /**
     * @param  ?ReboreOption  $bores  The chosen way of the bores, as it is today
     * @return ?StoredOrder Null where nothing is worked
     */
    public static function write(JobFile $file, PlanChoice $choice, ?ReboreOption $bores, User $by, string $ulid): ?StoredOrder
    {
        $order = $file->work()->orderOf($choice, $bores);
        if ($order === null) {
            return null;
        }

        return StoredOrder::query()->create(
            self::row($file, $choice, $by, $ulid, $order) + [
                'last_reading_id' => VerificationOfJob::lastReading($file),
            ],
        );
    }

    /** @return array<string, mixed> The columns that every order has */
    private static function row(JobFile $file, PlanChoice $choice, User $by, string $ulid, WorkOrder $order): array
    {
        $revisions = ['sheet' => $file->sheet->revision, 'policy' => $file->policy->revision, 'ledger_entry' => $file->job->entries];

        return [
            'ulid' => $ulid,
            'job_id' => $file->job->id,
            'plan_choice_id' => $choice->id,
            'user_id' => $by->id,
            'created_at' => now(),
            'number' => 1 + (int) DB::scalar('SELECT MAX(number) FROM work_orders WHERE job_id = ?', [$file->job->id]),
            'document' => OrderRecord::write($order, $revisions),
        ];
    }
}
