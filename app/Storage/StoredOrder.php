<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Work\RevisedOrder;
use NorthLedger\Core\Work\WorkOrder;

/**
 * One revision of a job's order of work, as it was made.
 *
 * @property string $ulid
 * @property int $plan_choice_id
 * @property int $number
 * @property array<string, mixed> $document
 * @property ?int $last_reading_id Of the finished sheet when it was made; null before this was kept
 */
final class StoredOrder extends Entry
{
    protected $table = 'work_orders';

    /** What stands in it never changes. */
    private ?WorkOrder $order = null;

    public function order(): WorkOrder
    {
        return $this->order ??= OrderRecord::read($this->document);
    }

    public function revision(): RevisedOrder
    {
        return new RevisedOrder($this->number, $this->order(), $this->last_reading_id ?? 0);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'last_reading_id' => 'integer', 'created_at' => 'datetime'];
    }
}
