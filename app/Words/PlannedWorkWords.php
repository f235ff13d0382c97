<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says planned work in one plain sentence. */
final readonly class PlannedWorkWords
{
    public function __construct(private LengthDisplay $display)
    {
    }

    public function sentence(PlannedWork $work): string
    {
        $step =
            $work->step === null
                ? ''
                : ' '.
                    match ($work->kind) {
                        WorkKind::Grind => $this->step($work).' under',
                        WorkKind::LineBore => "to {$this->display->step($work->step)}",
                        WorkKind::Face => "by {$this->display->magnitudeWithUnit($work->step)}",
                        default => $work->step->isZero() ? 'to standard' : "to {$this->display->step($work->step)}",
                    };
        $target =
            $work->target === null
                ? ''
                : ($work->kind === WorkKind::Face ? ', leaving ' : ', aim at ').$this->display->sizeWithUnit($work->target);
        $said = $work->said === '' ? '' : ' '.$work->said;

        $kind = Labels::work($work->kind);

        return "{$work->subject()}: {$kind}{$step}{$target}.{$said}";
    }

    private function step(PlannedWork $work): string
    {
        return ltrim($work->step === null ? '' : $this->display->step($work->step), '+');
    }
}
