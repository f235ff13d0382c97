<?php

declare(strict_types=1);

namespace App\Stages\Plan;

/** One part of the plan, ready to show. */
final readonly class EnginePlanRow
{
    /**
     * @param  list<EnginePlanCell>  $cells
     * @param  list<string>  $works  What is done where the selected choice is taken, a sentence each
     */
    public function __construct(public string $code, public string $name, public array $cells, public array $works)
    {
    }
}
