<?php

declare(strict_types=1);

namespace App\Actions;

use App\Ledger\EntryKind;
use App\Ledger\Ledger;
use App\Ledger\Written;
use App\Models\Job;
use App\Models\OperationTick;
use App\Models\User;
use App\Sheets\JobFile;
use App\Sheets\TickState;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\WorkException;

/** Ticks an operation of the order, with the actual size where it has a target. */
final readonly class TickOperation
{
    public function __construct(private Ledger $ledger)
    {
    }

    public function handle(Job $job, User $by, string $ulid, string $key, TickState $state, string $actual, ?string $remark): Written
    {
        return $this->ledger->write($job->id, $ulid, EntryKind::Tick, $by, function (JobFile $file) use ($by, $ulid, $key, $state, $actual, $remark): array {
            $operation = $this->operation($file, $key);
            $waiting = $file->work()->order()?->stillWaitingFor($key, $file->work()->closedOperations()) ?? [];
            if ($waiting !== [] && $state->closes()) {
                throw Refused::because($key, 'First: '.implode(', ', array_map(fn (string $one): string => $this->name($this->operation($file, $one)), $waiting)).'.');
            }
            $row = [
                'plan_choice_id' => $file->work()->choice()?->id,
                'operation' => $key,
                'state' => $state,
                'actual_nm' => $state === TickState::Done ? $this->actual($file, $operation, $actual, (string) $remark)?->nanometres : null,
                'typed' => $actual === '' ? null : $actual,
                'remark' => $remark,
            ];
            OperationTick::query()->create($row + ['ulid' => $ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()]);

            return $row;
        });
    }

    private function operation(JobFile $file, string $key): Operation
    {
        try {
            return $file->work()->order()?->operation($key) ?? throw Refused::because($key, 'There is no open order for this job.');
        } catch (WorkException $exception) {
            throw Refused::because($key, $exception->getMessage());
        }
    }

    private function actual(JobFile $file, Operation $operation, string $text, string $remark): ?Length
    {
        if ($operation->target === null) {
            return null;
        }
        try {
            $size = ShopNotation::forSizes($file->sheet->unit)->read($text)->value;
        } catch (NotationException $exception) {
            throw Refused::because($operation->key(), 'The size it has now: '.$exception->getMessage());
        }
        if (! $operation->target->holds($size) && trim($remark) === '') {
            throw Refused::because($operation->key(), "{$file->display->size($size)} is outside {$file->display->size($operation->target->least)} to {$file->display->size($operation->target->most)}. Measure again, or say in the remark what happened.");
        }

        return $size;
    }

    private function name(Operation $operation): string
    {
        return lcfirst($operation->kind->title()).($operation->cylinder === null ? '' : ' '.$operation->cylinder);
    }
}
