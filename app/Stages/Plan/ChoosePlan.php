<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Ledger\Ledger;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Stages\MakeOrder;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\OptionRecord;
use App\Storage\PlanChoice;
use App\Storage\User;
use Illuminate\Support\Str;

/** Records which way was chosen; another than the recommended one asks for a reason (BORE-11). */
final readonly class ChoosePlan
{
    public function __construct(private Ledger $ledger)
    {
    }

    /** @throws \Illuminate\Validation\ValidationException If there is no such way, it is forbidden, or a needed reason is missing */
    public function handle(Job $job, User $by, string $ulid, string $optionKey, ?string $reason): Written
    {
        return $this->ledger->write($job->id, $ulid, EntryKind::Choice, $by, function (JobFile $file) use (
            $by,
            $ulid,
            $optionKey,
            $reason,
        ): array {
            $assessment = $file->assessment();
            $option =
                $assessment->plan?->option($optionKey) ??
                throw Refused::because(
                    'option',
                    'That way is not in the plan any more; the readings have changed. Look at it again and choose.',
                );
            $recommended = $assessment->recommendation?->option->key() ?? '';
            match (true) {
                ! $option->isFeasible() => throw Refused::because(
                    'option',
                    'That option is forbidden and cannot be chosen: '.implode('; ', $file->words()->forbidden($option)).'.',
                ),
                $optionKey !== $recommended && trim((string) $reason) === '' => throw Refused::because(
                    'reason',
                    'That is not the recommended way. Say why it is chosen.',
                ),
                default => null,
            };
            $row = [
                'option_key' => $optionKey,
                'option' => OptionRecord::write($option),
                'recommended_key' => $recommended,
                'reason' => $reason,
                'policy_revision' => $file->policy->revision,
            ];
            $choice = PlanChoice::query()->create(
                $row + ['ulid' => $ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()],
            );
            $order = MakeOrder::write($file, $choice, $by, (string) Str::ulid());

            return $row + ['order' => $order?->number];
        });
    }
}
