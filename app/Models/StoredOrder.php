<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\OrderRecord;
use NorthLedger\Core\Work\WorkOrder;

/**
 * One revision of a job's order of work, as it was made.
 *
 * @property string $ulid
 * @property int $plan_choice_id
 * @property int $number
 * @property array<string, mixed> $document
 */
final class StoredOrder extends Entry
{
    protected $table = 'work_orders';

    public function order(): WorkOrder
    {
        return OrderRecord::read($this->document);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'created_at' => 'datetime'];
    }
}
