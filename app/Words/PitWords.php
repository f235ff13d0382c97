<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Assessment\PittedBore;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says what is known of the pits that a customer may live with: how deep they are, and what a hone can do about them (BORE-6, VER-5). */
final readonly class PitWords
{
    public function __construct(private LengthDisplay $display)
    {
    }

    /** For the bench: “Cylinder 2: its pits go .0006 deep; …”. */
    public function bench(PittedBore $bore): string
    {
        $needed = $bore->toHoneOut();
        $deep =
            $bore->depth === null || $needed === null
                ? Line::of('plan.pits.depth_unknown', ['cylinder' => $bore->cylinder])
                : Line::of('plan.pits.depth', [
                    'cylinder' => $bore->cylinder,
                    'depth' => $this->display->magnitudeWithUnit($bore->depth),
                    'needed' => $this->display->magnitudeWithUnit($needed),
                ]);

        return "{$deep} {$this->hone($bore)}";
    }

    /** For the customer: what he lives with. */
    public function customer(PittedBore $bore): string
    {
        return $bore->depth === null
            ? Line::of('offer.accept.pits', ['cylinder' => $bore->cylinder])
            : Line::of('offer.accept.pits_depth', [
                'cylinder' => $bore->cylinder,
                'depth' => $this->display->sizeWithUnit($bore->depth),
            ]);
    }

    private function hone(PittedBore $bore): string
    {
        if ($bore->mostHone === null || $bore->mostHone->isZero()) {
            return Line::of($bore->mostHone === null ? 'plan.pits.no_clearance' : 'plan.pits.spent');
        }
        $canBeHonedOut = $bore->canBeHonedOut();

        return Line::of($canBeHonedOut === null ? 'plan.pits.left_alone' : 'plan.pits.left', [
            'left' => $this->display->magnitudeWithUnit($bore->mostHone),
            'verdict' => $canBeHonedOut === null ? '' : Line::of($canBeHonedOut ? 'plan.pits.honed_out' : 'plan.pits.stay'),
        ]);
    }
}
