<?php

declare(strict_types=1);

namespace App\Models;

use App\Sheets\TickState;

/**
 * What somebody said of an operation: done with its actual size, not needed, or open again.
 *
 * @property string $ulid
 * @property int $plan_choice_id
 * @property int $order_number
 * @property string $operation
 * @property TickState $state
 * @property ?int $actual_nm
 * @property ?string $typed
 * @property ?string $remark
 */
final class OperationTick extends Entry
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => TickState::class, 'actual_nm' => 'integer', 'order_number' => 'integer', 'created_at' => 'datetime'];
    }
}
