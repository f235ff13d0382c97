<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says planned work in one plain sentence. */
final readonly class PlannedWorkWords
{
    public function __construct(private LengthDisplay $display)
    {
    }

    public function sentence(PlannedWork $work): string
    {
        return Line::of('findings.planned.sentence', [
            'subject' => SubjectName::of($work->about),
            'work' => Labels::work($work->kind),
            'step' => $work->step === null ? '' : $this->step($work->kind, $work->step),
            'target' =>
                $work->target === null
                    ? ''
                    : Line::of($work->kind === WorkKind::Face ? 'findings.planned.leaving' : 'findings.planned.aim_at', [
                        'size' => $this->display->sizeWithUnit($work->target),
                    ]),
            'said' => $work->said === null ? '' : ' '.Messages::text($work->said),
        ]);
    }

    private function step(WorkKind $kind, Length $step): string
    {
        return match (true) {
            $kind === WorkKind::Grind => Line::of('findings.planned.under', ['step' => ltrim($this->display->step($step), '+')]),
            $kind === WorkKind::Face => Line::of('findings.planned.by', ['step' => $this->display->magnitudeWithUnit($step)]),
            $kind === WorkKind::PressGuide => Line::of($step->isNegative() ? 'findings.planned.up_by' : 'findings.planned.down_by', [
                'step' => $this->display->magnitudeWithUnit($step->absolute()),
            ]),
            $step->isZero() && $kind !== WorkKind::LineBore => Line::of('findings.planned.to_standard'),
            default => Line::of('findings.planned.to', ['step' => $this->display->step($step)]),
        };
    }
}
