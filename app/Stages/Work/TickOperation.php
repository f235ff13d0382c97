<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Ledger\Ledger;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\OperationTick;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\OrderWords;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\TickState;
use NorthLedger\Core\Work\WorkException;

/** Ticks an operation of the order, with the actual size where it has a target. */
final readonly class TickOperation
{
    public function __construct(private Ledger $ledger)
    {
    }

    public function handle(Job $job, User $by, string $ulid, string $key, TickState $state, string $actual, ?string $remark): Written
    {
        return $this->ledger->write($job->id, $ulid, EntryKind::Tick, $by, function (JobFile $file) use (
            $by,
            $ulid,
            $key,
            $state,
            $actual,
            $remark,
        ): array {
            $operation = $this->operation($file, $key);
            $waiting =
                $file
                    ->work()
                    ->order()
                    ?->stillWaitingFor($key, $file->work()->closedOperations()) ?? [];
            if ($waiting !== [] && $state->closes()) {
                throw Refused::because(
                    $key,
                    'First: '.
                        implode(', ', array_map(fn (string $one): string => OrderWords::name($this->operation($file, $one)), $waiting)).
                        '.',
                );
            }
            $this->checkStops($file, $operation, $state);
            $row = [
                'plan_choice_id' => $file->work()->choice()?->id,
                'order_number' => $file->work()->storedOrder()->number ?? 0,
                'operation' => $key,
                'state' => $state,
                'actual_nm' => $state === TickState::Done ? $this->actual($file, $operation, $actual, (string) $remark)?->nanometres : null,
                'typed' => $actual === '' ? null : $actual,
                'remark' => $remark,
                'last_reading_id' => $file->record->entries(SheetName::bores(Occasion::Final))->lastId(),
            ];
            OperationTick::query()->create(
                $row + ['ulid' => $ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()],
            );

            return $row;
        });
    }

    /** What was found since, and what was never checked, stops the work here (VER-6, CRACK-5a). */
    private function checkStops(JobFile $file, Operation $operation, TickState $state): void
    {
        $stops = $state->closes() ? $file->work()->stopsOf($operation) : [];
        if ($stops !== []) {
            throw Refused::because($operation->key(), 'Stopped. '.implode(' ', array_map(OrderWords::stop(...), $stops)));
        }
        if ($state->closes() && $operation->kind === OperationKind::CrackCheck && $this->isUnchecked($file)) {
            throw Refused::because($operation->key(), 'Record the check on the crack map first: what was found there closes this.');
        }
    }

    private function isUnchecked(JobFile $file): bool
    {
        return array_filter($file->assessment()->openDefects(), static fn (PartDefect $defect): bool => $defect->isUnchecked) !== [];
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
            throw Refused::because(
                $operation->key(),
                "{$file->display->size($size)} is outside {$file->display->size($operation->target->least)} to ".
                    "{$file->display->size($operation->target->most)}. Measure again, or say in the remark what happened.",
            );
        }

        return $size;
    }
}
