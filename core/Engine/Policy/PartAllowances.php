<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** The lengths a shop works with beside the bores; inch and metric jobs have their own round numbers. */
final readonly class PartAllowances
{
    /**
     * @param  Length  $grindStock  Taken off a journal until it is clean (JRNL-3)
     * @param  Length  $lightCut  One light pass over a face (DECK-3)
     * @param  Length  $shimStep  The shims there are (DECK-2)
     * @param  Length  $mostShim  Stacked at one support (DECK-2)
     * @param  Length  $lineStock  That a line bore or hone takes off all round, on diameter (LINE-2a)
     * @param  Length  $cornerSpread  Of the pistons below the deck, before it is not square to the crankshaft (DECK-6)
     * @param  Length  $guideEvenness  Between the guides of one kind (VALVE-1)
     * @param  Length  $plausibleDistance  What is read beyond it is asked back (QTY-4)
     */
    private function __construct(
        public Length $grindStock,
        public Length $lightCut,
        public Length $shimStep,
        public Length $mostShim,
        public Length $lineStock,
        public Length $cornerSpread,
        public Length $guideEvenness,
        public Length $plausibleDistance,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $length = static fn (string $key): Length => $node->at($key)->positiveLength($unit);

        return new self(
            $length('grind_stock'),
            $length('light_cut'),
            $length('shim_step'),
            $length('most_shim'),
            $length('line_stock'),
            $length('corner_spread'),
            $length('guide_evenness'),
            $length('plausible_distance'),
        );
    }
}
