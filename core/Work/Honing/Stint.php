<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Honing;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** So many seconds at one bore with one set of abrasives (HONE-3). */
final readonly class Stint
{
    /**
     * @param  float  $seconds  Above zero
     * @param  ?Length  $before  Null with the other: it was not sized
     *
     * @throws PlanningException If the time or a size cannot be
     */
    public function __construct(public float $seconds, public ?Length $before = null, public ?Length $after = null)
    {
        $seconds > 0 || throw PlanningException::impossible('time_of_a_stint', $seconds);
        foreach ([$before, $after] as $size) {
            $size === null || $size->isPositive() || throw PlanningException::impossible('size', $size->nanometres);
        }
    }

    public function isSized(): bool
    {
        return $this->before !== null && $this->after !== null;
    }

    public function growth(): int
    {
        return ($this->after->nanometres ?? 0) - ($this->before->nanometres ?? 0);
    }
}
