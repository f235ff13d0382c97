<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Features\Bores\Crosshatch;
use NorthLedger\Core\Finding\PlanningException;

final class HoneAdapter implements Adapter
{
    public function run(Given $given): array
    {
        try {
            return match ($given->text('task')) {
                'angle' => $this->angle($given),
                'cycles' => $this->cycles($given),
                default => throw Refusal::withCode('unknown_word'),
            };
        } catch (PlanningException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }
    }

    /** @return array<string, mixed> */
    private function angle(Given $given): array
    {
        $least = $given->has('included_min_deg') ? $given->number('included_min_deg') : 30.0;
        $most = $given->has('included_max_deg') ? $given->number('included_max_deg') : 60.0;
        if ($least > $most) {
            throw Refusal::withCode('bad_value');
        }
        $hatch = Crosshatch::ofSpeeds(
            $given->length('bore_nm'),
            $given->length('stroke_nm'),
            $given->number('rpm'),
            $given->number('cycles_per_min'),
        );

        return $this->both($hatch) + ['in_range' => $hatch->isBetween($least, $most)];
    }

    /** @return array<string, mixed> */
    private function cycles(Given $given): array
    {
        $hatch = match ($given->text('target_reads')) {
            'included' => Crosshatch::included($given->number('target_deg')),
            'from horizontal' => Crosshatch::fromHorizontal($given->number('target_deg')),
            default => throw Refusal::withCode('unknown_word'),
        };
        $bore = $given->length('bore_nm');
        $stroke = $given->length('stroke_nm');
        $cycles = $hatch->cyclesAt($bore, $stroke, $given->number('rpm'));
        $answer = $this->both($hatch) + ['cycles_per_min' => $cycles];
        if (! $given->has('max_cycles_per_min')) {
            return $answer;
        }
        $most = $given->number('max_cycles_per_min');
        $fits = $hatch->rpmAt($bore, $stroke, $most);

        return $answer + ['reachable' => $cycles <= $most] + ($cycles <= $most ? [] : ['rpm_that_fits' => $fits]);
    }

    /** @return array<string, float> */
    private function both(Crosshatch $hatch): array
    {
        return ['included_deg' => $hatch->includedAngle(), 'from_horizontal_deg' => $hatch->fromHorizontal];
    }
}
