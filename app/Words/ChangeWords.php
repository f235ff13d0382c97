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
            $name = Labels::criterion(Criterion::from($criterion));
            $ways[] =
                "a limit of {$this->display->magnitudeWithUnit($this->display->notBelow($limit))} for {$name} (now ".
                    "{$this->display->magnitude($change->now[$criterion])})";
        }
        if ($change->withConcession) {
            $ways[] = 'the customer’s signed concession for its pits';
        }
        $last = array_pop($ways);

        return 'would pass with '.($ways === [] ? $last : implode(', ', $ways)." and {$last}").'.';
    }

    public function pass(WouldPass $change): string
    {
        $subject = lcfirst($change->finding->subject());
        $criterion = Labels::criterion($change->finding->criterion);

        return match ($change->way) {
            WayToPass::FreeTheValve => "The {$this->valve($subject)} sticks: free it, and it passes.",
            WayToPass::Repeat => ucfirst(
                "{$subject}, {$criterion}: out by less than the gauge uncertainty. Read it again, and let a second person read it.",
            ),
        };
    }

    /** “intake valve of cylinder 3” */
    private function valve(string $subject): string
    {
        [$cylinder, $kind] = [...explode(', ', $subject, 2), ''];

        return "{$kind} valve of {$cylinder}";
    }
}
