<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Work\Honing\DeglazeTime;
use NorthLedger\Core\Work\Honing\NextStint;
use NorthLedger\Core\Work\Honing\Stint;

final class StintAdapter implements Adapter
{
    public function run(Given $given): array
    {
        $first = $given->has('first_seconds') ? $given->number('first_seconds') : 20.0;
        try {
            return match ($given->text('task')) {
                'deglaze' => [
                    'next_seconds' => DeglazeTime::next(
                        array_map(static fn (Given $one): float => $one->number('seconds'), $given->parts('finished')),
                        $first,
                    ),
                ],
                'size' => $this->size($given, $first),
                default => throw Refusal::withCode('unknown_word'),
            };
        } catch (PlanningException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }
    }

    /** @return array<string, mixed> */
    private function size(Given $given, float $first): array
    {
        $next = NextStint::towards(
            $given->length('wanted_nm'),
            $given->length('now_nm'),
            $given->length('resolution_nm'),
            array_map(
                static fn (Given $one): Stint => new Stint(
                    $one->number('seconds'),
                    $one->has('before_nm') ? $one->length('before_nm') : null,
                    $one->has('after_nm') ? $one->length('after_nm') : null,
                ),
                $given->parts('stints'),
            ),
            $first,
        );

        return ['advice' => $next->advice->value, 'next_seconds' => $next->seconds, 'rate_nm_per_s' => $next->rate];
    }
}
