<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\Tick;
use NorthLedger\Core\Work\TickState;

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
 * @property ?int $last_reading_id Of the finished sheet at that time; null before this was kept
 */
final class OperationTick extends Entry
{
    protected $table = 'operation_ticks';

    /** What was said never changes. */
    private ?Tick $tick = null;

    public function tick(): Tick
    {
        return $this->tick ??= $this->said();
    }

    /** Straight from the row: an order has hundreds of them, and every page of the work asks for all. */
    private function said(): Tick
    {
        $row = $this->getAttributes();
        $actual = $row['actual_nm'] ?? null;

        return new Tick(
            (int) $row['order_number'],
            OperationKey::parse($row['operation'])->written(),
            TickState::from($row['state']),
            $actual === null ? null : Length::ofNanometres((int) $actual),
            (int) ($row['last_reading_id'] ?? 0),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => TickState::class,
            'actual_nm' => 'integer',
            'order_number' => 'integer',
            'last_reading_id' => 'integer',
            'created_at' => 'datetime',
        ];
    }
}
