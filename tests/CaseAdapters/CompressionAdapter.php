<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Features\Volumes\CompressionRatio;
use NorthLedger\Core\Features\Volumes\HeadCut;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Volume;

final class CompressionAdapter implements Adapter
{
    public function run(Given $given): array
    {
        try {
            return match ($given->text('task')) {
                'ratio' => $this->ratio($given),
                'head cut' => $this->headCut($given),
                default => throw Refusal::withCode('unknown_word'),
            };
        } catch (PlanningException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }
    }

    /** @return array<string, mixed> */
    private function ratio(Given $given): array
    {
        $ratio = CompressionRatio::of(
            $given->length('bore_nm'),
            $given->length('stroke_nm'),
            self::volume($given, 'chamber_mm3'),
            $given->has('gasket_mm3')
                ? self::volume($given, 'gasket_mm3')
                : Volume::ofCylinder($given->size('gasket_bore_nm'), $given->allowance('gasket_thickness_nm')),
            $given->length('deck_clearance_nm'),
            $given->has('crown_mm3') ? self::volume($given, 'crown_mm3') : Volume::ofCubicMillimetres(0),
        );

        return [
            'swept_mm3' => $ratio->swept->cubicMillimetres,
            'clearance_mm3' => $ratio->clearance->cubicMillimetres,
            'ratio' => $ratio->value(),
        ];
    }

    /** @return array<string, mixed> */
    private function headCut(Given $given): array
    {
        $chamber = self::volume($given, 'chamber_mm3');
        $target = self::volume($given, 'target_chamber_mm3');
        $cut = $given->has('volume_per_ten_thou_mm3')
            ? HeadCut::byMeasured($chamber, $target, self::volume($given, 'volume_per_ten_thou_mm3'))
            : HeadCut::byArea($chamber, $target, $given->number('face_area_mm2'));
        $answer = ['head_cut_nm' => $cut->cut->nanometres];
        if (! $given->has('head_thickness_nm')) {
            return $answer;
        }
        $height = $given->size('head_thickness_nm');
        $answer['head_thickness_after_nm'] = $cut->heightAfter($height)->nanometres;

        return $answer +
            ($given->has('minimum_head_thickness_nm')
                ? ['allowed' => $cut->isAllowed($height, $given->size('minimum_head_thickness_nm'))]
                : []);
    }

    private static function volume(Given $given, string $key): Volume
    {
        return Volume::ofCubicMillimetres($given->number($key));
    }
}
