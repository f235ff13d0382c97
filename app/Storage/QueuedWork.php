<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Work\Machine;
use NorthLedger\Core\Work\OperationKind;

/** What of a job stands at a machine, of one kind, as it is kept in the job's row. */
final readonly class QueuedWork
{
    /**
     * @param  list<string>  $open  Places where it can be done now; '' where it is done once
     * @param  list<string>  $waiting
     * @param  ?OperationKind  $waitsFor  Null where nothing comes before, or something was found
     * @param  string  $since  When it was begun and is not ended; empty where it is not clamped
     */
    private function __construct(
        public Machine $machine,
        public OperationKind $kind,
        public array $open,
        public array $waiting,
        public ?OperationKind $waitsFor,
        public string $since,
    ) {
    }

    /** @return list<self> */
    public static function all(?string $json): array
    {
        /**
         * @var list<array{machine: string, kind: string, open: list<string>, waiting: list<string>, waits_for: ?string,
         *     since: ?string}> $rows
         */
        $rows = json_decode($json ?? '[]', true, 6, JSON_THROW_ON_ERROR);

        return array_map(
            static fn (array $row): self => new self(
                Machine::from($row['machine']),
                OperationKind::from($row['kind']),
                $row['open'],
                $row['waiting'],
                $row['waits_for'] === null ? null : OperationKind::from($row['waits_for']),
                $row['since'] ?? '',
            ),
            $rows,
        );
    }
}
