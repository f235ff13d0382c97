<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Ledger\Refused;
use App\Record\JobFile;
use App\Sheet\TypedLength;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Quantity\QuantityException;
use NorthLedger\Core\Quantity\RoughnessNotation;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkField;

/** Logs the wheel, the finish, what was pressed, reamed or cut: whatever the operation has to be written down for. */
final readonly class LogValues implements MachineLog
{
    public function isAt(OperationKind $kind): bool
    {
        return WorkField::of($kind) !== [];
    }

    public function kind(LogRequest $request): LogKind
    {
        return LogKind::Values;
    }

    public function said(JobFile $file, Operation $operation, LogRequest $request): array
    {
        $values = [];
        foreach (WorkField::of($operation->kind) as $field) {
            $value = self::read($file, $field, $request->typed($field->value));
            if ($value !== null) {
                $values[$field->value] = $value;
            }
        }

        return $values === []
            ? throw Refused::because(WorkField::of($operation->kind)[0]->value, Line::of('work.log.values'))
            : ['values' => $values];
    }

    /** In nanometres; null where nothing is typed. */
    private static function read(JobFile $file, WorkField $field, string $typed): ?int
    {
        if ($field->measurand() !== Measurand::Roughness) {
            return TypedLength::above($file, $field->value, $typed, Line::of('work.log.above'))?->nanometres;
        }
        try {
            return $typed === '' ? null : RoughnessNotation::read($typed, $file->sheet->unit)->nanometres;
        } catch (QuantityException $exception) {
            throw Refused::because($field->value, Messages::refusal($exception));
        }
    }
}
