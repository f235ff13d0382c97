<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\LoadRecord;
use NorthLedger\Core\Loading\MinutesOfWork;
use NorthLedger\Core\Scheduling\PlannedOperation;
use NorthLedger\Core\Work\LeftWork;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\OperationKind;

/** One job on the load of the shop: what is left, what it waits for, and how long it takes. */
final readonly class JobOnLoad
{
    /**
     * @param  string  $tag  “NL-0417”
     * @param  string  $dueOn  A day
     * @param  array<string, Awaited>  $awaited  By kind
     * @param  array<string, MinutesOfWork>  $minutes  By kind
     * @param  list<OperationKind>  $stopped  What nobody can plan before something is decided
     * @param  list<PlannedOperation>  $operations
     * @param  string  $waitsFor  What the job waits for, as lists show it
     * @param  list<OperationKind>  $tooLarge  What does not go onto its machine here
     */
    public function __construct(
        public string $tag,
        public string $engine,
        public string $customer,
        public string $dueOn,
        public LoadRecord $record,
        public array $awaited,
        public array $minutes,
        public array $stopped,
        public array $operations,
        public string $waitsFor,
        public array $tooLarge,
    ) {
    }

    /** Its number alone, as it stands on a bar: “0417”. */
    public function number(): string
    {
        return substr($this->tag, 3);
    }

    public function left(OperationKind $kind): ?LeftWork
    {
        foreach ($this->record->left as $one) {
            if ($one->kind === $kind) {
                return $one;
            }
        }

        return null;
    }

    /** Where the work is done and ticked. */
    public function address(OperationKind $kind): string
    {
        $place = $this->left($kind)->places[0] ?? '';

        return $this->record->isProvisional
            ? "/jobs/{$this->tag}"
            : "/jobs/{$this->tag}/work?at=".urlencode((new OperationKey($kind, $place))->written());
    }

    public function isRunning(OperationKind $kind): bool
    {
        return ($this->record->clocks[$kind->value]['since'] ?? null) !== null;
    }
}
