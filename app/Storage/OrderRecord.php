<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Engine\Policy\OrderOfParts;
use NorthLedger\Core\Engine\Policy\OrderOfWork;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Note;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\Precedence;
use NorthLedger\Core\Work\Target;
use NorthLedger\Core\Work\WorkOrder;

/** Writes an order of work as plain data with the revisions it rests on, and reads it back unchanged. */
final class OrderRecord
{
    /**
     * @param  array<string, int>  $revisions  Of sheet, policy and ledger
     * @return array<string, mixed>
     */
    public static function write(WorkOrder $order, array $revisions): array
    {
        return [
            'school' => $order->precedence->school->value,
            'parts' => $order->precedence->parts->value,
            'faces' => $order->precedence->faces,
            'revisions' => $revisions,
            'operations' => array_values(array_map(self::operation(...), $order->operations)),
        ];
    }

    /**
     * An order from before the whole engine had one knows the bores only, and says its operations in sentences.
     *
     * @param  array<string, mixed>  $record  As written
     */
    public static function read(array $record): WorkOrder
    {
        /**
         * @var array{school: string, parts?: string, faces?: array<int|string, list<int>>, operations: list<array{kind: string,
         *     place?: string, cylinder?: ?int, target: ?array{aim: int, least: int, most: int}, step?: ?int, instruction?: string,
         *     notes?: list<array{kind: string, lengths: list<int>, said: string|array<array-key, mixed>}>}>} $record
         */
        return WorkOrder::of(
            array_map(static function (array $one): Operation {
                $key = OperationKey::parse($one['kind'].'.'.($one['place'] ?? ($one['cylinder'] ?? '')));

                return new Operation(
                    $key->kind,
                    $key->place,
                    $one['target'] === null ? null : new Target(...array_map(Length::ofNanometres(...), $one['target'])),
                    isset($one['step']) ? Length::ofNanometres($one['step']) : null,
                    isset($one['notes'])
                        ? array_map(self::note(...), $one['notes'])
                        : [new Note(NoteKind::AsJudged, said: JudgedNote::read($one['instruction'] ?? ''))],
                );
            }, $record['operations']),
            Precedence::under(
                OrderOfWork::from($record['school']),
                OrderOfParts::from($record['parts'] ?? OrderOfParts::AtOnce->value),
                $record['faces'] ?? [],
            ),
        );
    }

    /** @return array<string, mixed> */
    private static function operation(Operation $operation): array
    {
        $target = $operation->target;

        return [
            'kind' => $operation->kind->value,
            'place' => $operation->place,
            'target' =>
                $target === null
                    ? null
                    : ['aim' => $target->aim->nanometres, 'least' => $target->least->nanometres, 'most' => $target->most->nanometres],
            'step' => $operation->step?->nanometres,
            'notes' => array_map(
                static fn (Note $note): array => [
                    'kind' => $note->kind->value,
                    'lengths' => array_map(static fn (Length $length): int => $length->nanometres, $note->lengths),
                    'said' => JudgedNote::write($note->said),
                ],
                $operation->notes,
            ),
        ];
    }

    /** @param  array{kind: string, lengths: list<int>, said: string|array<array-key, mixed>}  $note */
    private static function note(array $note): Note
    {
        $kind = NoteKind::from($note['kind']);
        $said = $note['said'];

        return new Note(
            $kind,
            array_map(Length::ofNanometres(...), $note['lengths']),
            is_array($said) || $kind === NoteKind::AsJudged ? JudgedNote::read($said) : $said,
        );
    }
}
