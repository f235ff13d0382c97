<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Engine\Policy\OrderOfWork;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\BoreWork;
use NorthLedger\Core\Work\Caution;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Target;
use NorthLedger\Core\Work\WorkOrder;

/** Writes an order of work as plain data with the revisions it rests on, and reads it back unchanged. */
final class OrderRecord
{
    /**
     * @param  array<string, int>  $revisions  Of sheet, policy and ledger
     * @return array<string, mixed>
     */
    public static function write(WorkOrder $order, OrderOfWork $school, array $revisions): array
    {
        return [
            'school' => $school->value,
            'revisions' => $revisions,
            'operations' => array_values(array_map(self::operation(...), $order->operations)),
        ];
    }

    /** @param  array<string, mixed>  $record  As written */
    public static function read(array $record): WorkOrder
    {
        /**
         * @var array{school: string, operations: list<array{kind: string, cylinder: ?int, target: ?array{aim: int, least: int, most: int},
         *     instruction: string, tool: string, check: string}>} $record
         */
        return WorkOrder::of(
            array_map(static function (array $one): Operation {
                $kind = OperationKind::from($one['kind']);
                $target = $one['target'] === null ? null : new Target(...array_map(Length::ofNanometres(...), $one['target']));

                return new Operation(
                    $kind,
                    $one['cylinder'],
                    $target,
                    $one['instruction'],
                    $one['tool'],
                    $one['check'],
                    Caution::of($kind),
                );
            }, $record['operations']),
            BoreWork::waits(OrderOfWork::from($record['school'])),
        );
    }

    /** @return array<string, mixed> */
    private static function operation(Operation $operation): array
    {
        return [
            'kind' => $operation->kind->value,
            'cylinder' => $operation->cylinder,
            'target' =>
                $operation->target === null
                    ? null
                    : [
                        'aim' => $operation->target->aim->nanometres,
                        'least' => $operation->target->least->nanometres,
                        'most' => $operation->target->most->nanometres,
                    ],
            'instruction' => $operation->instruction,
            'tool' => $operation->tool,
            'check' => $operation->check,
        ];
    }
}
