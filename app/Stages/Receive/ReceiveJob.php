<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Ledger\Ledger;
use App\Record\JobFile;
use App\Storage\Customer;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Takes an engine in: the system gives the tag, and the ledger of the job begins. */
final readonly class ReceiveJob
{
    public function __construct(private Ledger $ledger)
    {
    }

    /**
     * @param  array{family: string, family_revision: int, serial: string, arrival?: string, purpose?: string, castings?: string,
     *     usage?: ?string, budget_minor?: ?int, keeps_original?: bool, customer: string, description: string, wishes: ?string,
     *     due_on: string, declared_step_nm: ?int, declared_evidence: ?string}  $received
     */
    public function handle(User $by, string $ulid, array $received): Job
    {
        try {
            return $this->written($ulid) ?? $this->write($by, $ulid, $received);
        } catch (ConflictHttpException|UniqueConstraintViolationException $twice) {
            // The same request came a second time while the first was written.
            return $this->written($ulid) ?? throw $twice;
        }
    }

    private function written(string $ulid): ?Job
    {
        $entry = LedgerEntry::query()->firstWhere('request_id', $ulid);

        return match (true) {
            $entry === null => null,
            $entry->kind === EntryKind::Received->value => Job::query()->findOrFail($entry->job_id),
            default => throw new ConflictHttpException(__('input.used')),
        };
    }

    /** @param  array{customer: string, ...}  $received */
    private function write(User $by, string $ulid, array $received): Job
    {
        return DB::transaction(function () use ($by, $ulid, $received): Job {
            $customer = Customer::query()->firstOrCreate(['name' => $received['customer']]);
            $job = Job::query()->create(
                ['customer_id' => $customer->id, 'created_at' => now()] + array_diff_key($received, ['customer' => '']),
            );
            $this->ledger->write($job->id, $ulid, EntryKind::Received, $by, static fn (JobFile $file): array => $received);

            return $job;
        }, 3);
    }
}
