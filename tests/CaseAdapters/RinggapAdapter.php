<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Features\Bores\RingGapCheck;

final class RinggapAdapter implements Adapter
{
    public function run(Given $given): array
    {
        $check = RingGapCheck::of(
            $given->size('known_bore_nm'),
            $given->size('known_gap_nm'),
            $given->size('gap_nm'),
            $given->size('gauge_nm'),
            $given->allowance('gauge_expanded_nm'),
            $given->allowance('ring_expanded_nm'),
        );

        return [
            'ring_diameter_nm' => $check->ringDiameter->nanometres,
            'difference_nm' => $check->difference->nanometres,
            'ask' => $check->asksWhichIsWrong,
        ];
    }
}
