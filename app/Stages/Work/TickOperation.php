<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Ledger\Ledger;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Record\VerificationOfJob;
use App\Stages\Work\Logs\SleeveWords;
use App\Stages\Work\Logs\ValuesCard;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\OperationTick;
use App\Storage\User;
use App\Words\Line;
use App\Words\Messages;
use App\Words\OperationWords;
use App\Words\OrderWords;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\TickState;
use NorthLedger\Core\Work\WorkException;
use NorthLedger\Core\Work\WorkField;

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
            $key = $operation->key();
            $waiting =
                $file
                    ->work()
                    ->order()
                    ?->stillWaitingFor($key, $file->work()->closedOperations()) ?? [];
            if ($waiting !== [] && $state->closes()) {
                $names = array_map(fn (string $one): string => OperationWords::name($this->operation($file, $one)), $waiting);
                throw Refused::because($key, Line::of('work.first', ['operations' => implode(', ', $names)]));
            }
            $this->checkStops($file, $operation, $state);
            $this->checkStroke($file, $operation, $state, (string) $remark);
            $this->checkValues($file, $operation, $state, (string) $remark);
            $row = [
                'plan_choice_id' => $file->work()->choice()?->id,
                'order_number' => $file->work()->storedOrder()->number ?? 0,
                'operation' => $key,
                'state' => $state,
                'actual_nm' => $state === TickState::Done ? $this->actual($file, $operation, $actual, (string) $remark)?->nanometres : null,
                'typed' => $actual === '' ? null : $actual,
                'remark' => $remark,
                'last_reading_id' => VerificationOfJob::lastReading($file),
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
            throw Refused::because(
                $operation->key(),
                Line::of('work.stopped', ['stops' => implode(' ', array_map(OrderWords::stop(...), $stops))]),
            );
        }
        if ($state->leavesOut() && ! $operation->kind->canBeLeftOut()) {
            throw Refused::because($operation->key(), Line::of('work.needed'));
        }
        $this->checkSleeve($file, $operation, $state);
        $checked = $operation->kind->checksForCracks();
        if ($state->closes() && $checked !== null && $this->isUnchecked($file, $checked)) {
            throw Refused::because($operation->key(), Line::of('work.map_first'));
        }
    }

    /** A sleeve whose card says that it does not fit, or is warm yet, is not done (SLV-4, SLV-6). */
    private function checkSleeve(JobFile $file, Operation $operation, TickState $state): void
    {
        $card =
            $operation->kind === OperationKind::Sleeve && $state->closes()
                ? $file->record->workLogs()->sleeve($operation->key(), $file->sheet, $file->policy)
                : null;
        if ($card === null) {
            return;
        }
        if ($card->fittedAt === null) {
            throw Refused::because($operation->key(), Line::of('work.sleeve_misfit', ['said' => SleeveWords::refusal($file, $card)]));
        }
        if ($card->isCoolingAt(now()->toDateTimeImmutable())) {
            throw Refused::because($operation->key(), Line::of('work.cooling', ['at' => $card->coolAt()?->format('H:i') ?? '']));
        }
    }

    /** What was logged last and is not as it has to be is done again, or said why it stays. */
    private function checkValues(JobFile $file, Operation $operation, TickState $state, string $remark): void
    {
        $outside = $state === TickState::Done ? $file->record->workLogs()->outside($operation, $file->sheet) : [];
        if ($outside !== [] && trim($remark) === '') {
            throw Refused::because(
                $operation->key(),
                Line::of('work.values.closes', [
                    'fields' => implode(
                        ', ',
                        array_map(static fn (WorkField $field): string => ValuesCard::label($file, $field, $operation), $outside),
                    ),
                ]),
            );
        }
    }

    /** A gap that is less than wanted is ground and measured again before the stroke is clear (WORK-1b). */
    private function checkStroke(JobFile $file, Operation $operation, TickState $state, string $remark): void
    {
        if ($operation->kind !== OperationKind::StrokeClearance || $state !== TickState::Done) {
            return;
        }
        $gaps = $file->record->workLogs()->strokeGaps($operation->key());
        if ($gaps === [] && trim($remark) === '') {
            throw Refused::because($operation->key(), Line::of('work.stroke.unread'));
        }
        foreach ($gaps as $gap) {
            if ($gap->grind()->isPositive()) {
                throw Refused::because(
                    $operation->key(),
                    Line::of('work.stroke.tight', [
                        'place' => $gap->place,
                        'gap' => $file->display->sizeWithUnit($gap->gap),
                        'wanted' => $file->display->sizeWithUnit($gap->wanted),
                    ]),
                );
            }
        }
    }

    private function isUnchecked(JobFile $file, EnginePart $part): bool
    {
        $parts = $part === EnginePart::Block ? [EnginePart::Block, EnginePart::Cylinders] : [$part];

        return array_filter(
            $file->inspection()->defects(),
            static fn (PartDefect $defect): bool => $defect->isUnchecked && in_array($defect->part, $parts, true),
        ) !== [];
    }

    private function operation(JobFile $file, string $key): Operation
    {
        try {
            $order = $file->work()->order() ?? throw Refused::because($key, Line::of('work.no_order_open'));

            return $order->operation(OperationKey::parse($key)->written());
        } catch (WorkException $exception) {
            throw Refused::because($key, Messages::refusal($exception));
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
            throw Refused::because($operation->key(), Line::of('work.size', ['said' => Messages::refusal($exception)]));
        }
        if (! $operation->target->holds($size) && trim($remark) === '') {
            throw Refused::because(
                $operation->key(),
                Line::of('work.outside', [
                    'size' => $file->display->size($size),
                    'least' => $file->display->size($operation->target->least),
                    'most' => $file->display->size($operation->target->most),
                ]),
            );
        }

        return $size;
    }
}
