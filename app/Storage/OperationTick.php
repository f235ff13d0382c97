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

    private function said(): Tick
    {
        $size = $this->actual_nm === null ? null : Length::ofNanometres($this->actual_nm);

        return new Tick(
            $this->order_number,
            OperationKey::parse($this->operation)->written(),
            $this->state,
            $size,
            $this->last_reading_id ?? 0,
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
