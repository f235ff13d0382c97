<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Work\MachineQueue;

/** What of a job stands at each machine, as it is kept in the job's row. */
final class QueueRecord
{
    /**
     * @param  list<MachineQueue>  $queues
     * @param  array<string, string>  $running  Since when each kind runs, by kind
     * @return ?string Null where nothing is left
     */
    public static function write(array $queues, array $running): ?string
    {
        return $queues === []
            ? null
            : json_encode(
                array_map(
                    static fn (MachineQueue $queue): array => [
                        'machine' => $queue->machine->value,
                        'kind' => $queue->kind->value,
                        'open' => $queue->open,
                        'waiting' => $queue->waiting,
                        'waits_for' => $queue->waitsFor?->value,
                        'since' => $running[$queue->kind->value] ?? null,
                    ],
                    $queues,
                ),
                JSON_THROW_ON_ERROR,
            );
    }
}
