<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Assessment\WouldPass;
use NorthLedger\Core\Assessment\WouldStay;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\WayToPass;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says what a person could change so that something would pass (VER-3); it was tried. */
final readonly class ChangeWords
{
    public function __construct(private LengthDisplay $display)
    {
    }

    /** Of a cylinder, without its name. */
    public function stay(WouldStay $change): string
    {
        $ways = [];
        foreach ($change->limits as $criterion => $limit) {
            $ways[] = Line::of('change.limit', [
                'limit' => $this->display->magnitudeWithUnit($this->display->notBelow($limit)),
                'criterion' => Labels::criterion(Criterion::from($criterion)),
                'now' => $this->display->magnitude($change->now[$criterion]),
            ]);
        }
        if ($change->withConcession) {
            $ways[] = Line::of('change.concession');
        }

        return Line::of('change.stays_with', ['ways' => VerdictWords::list($ways)]);
    }

    public function pass(WouldPass $change): string
    {
        $subject = lcfirst(SubjectName::of($change->finding->about));
        if ($change->way === WayToPass::FreeTheValve) {
            [$cylinder, $kind] = [...explode(', ', $subject, 2), ''];

            return Line::of('change.free_the_valve', ['kind' => $kind, 'cylinder' => $cylinder]);
        }

        return ucfirst(Line::of('change.repeat', ['subject' => $subject, 'criterion' => Labels::criterion($change->finding->criterion)]));
    }
}
