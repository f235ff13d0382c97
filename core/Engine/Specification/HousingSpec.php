<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** The main bearing housings, and the parting face where the case is split (LINE). */
final readonly class HousingSpec
{
    /**
     * @param  list<Length>  $lineBoreSteps  Larger housings that bearings are made for, ascending
     * @param  list<NoGo>  $noGo  Where a housing is not measured: oil holes, dowels
     * @param  ?Length  $partingGap  The feeler that may not enter the torqued case; null where the case is not split
     */
    private function __construct(
        public int $count,
        public LengthRange $diameter,
        public Length $outOfRound,
        public Length $stepToNeighbour,
        public Length $stepOverall,
        public array $lineBoreSteps,
        public ?Length $partingGap,
        public bool $galleriesOpenable,
        public ThrustSpec $thrust,
        public array $noGo,
    ) {
    }

    /** True where so thick a feeler may not enter the torqued case, and does; never where the case is not split (LINE-3). */
    public function isPartedBy(Length $feeler): bool
    {
        return $this->partingGap !== null && ! $feeler->isSmallerThan($this->partingGap);
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $gap = $node->at('parting_gap');

        return new self(
            $node->at('count')->wholeNumber(2, 12),
            LengthRange::fromNode($node->at('diameter'), $unit),
            $node->at('out_of_round')->positiveLength($unit),
            $node->at('step_to_neighbour')->positiveLength($unit),
            $node->at('step_overall')->positiveLength($unit),
            $node->at('line_bore_steps')->ascendingLengths($unit),
            $gap->isGiven() ? $gap->positiveLength($unit) : null,
            $node->at('galleries_openable')->flag(),
            ThrustSpec::fromNode($node->at('thrust'), $unit),
            array_map(NoGo::fromNode(...), $node->at('no_go')->items()),
        );
    }
}
