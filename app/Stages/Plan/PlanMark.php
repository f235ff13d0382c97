<?php

declare(strict_types=1);

namespace App\Stages\Plan;

/** What a way means for one cylinder. */
final readonly class PlanMark
{
    /** @param  'on'|'off'|'sleeve'|'hone'|'none'  $kind */
    public function __construct(public string $kind, public string $spoken, public string $shift)
    {
    }
}
