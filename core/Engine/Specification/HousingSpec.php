<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** The main bearing housings, and the parting face where the case is split (LINE). */
final readonly class HousingSpec
{
    /** The feeler that condemns a split case, where its family says nothing of its own (LINE-3). */
    private const PARTING_GAP_NM = 38_100;

    /**
     * @param  ?LengthRange  $diameter  At standard; null where nobody knows, as with every limit
     * @param  ?list<Length>  $lineBoreSteps  Larger housings that bearings are made for, ascending; null where nobody knows which
     * @param  list<NoGo>  $noGo  Where a housing is not measured: oil holes, dowels
     * @param  ?bool  $galleriesOpenable  Null where nobody knows
     * @param  ?ThrustSpec  $thrust  Null where nobody knows which housing takes it
     * @param  ?Length  $partingGap  The feeler that may not enter the torqued case; null where the case is not split
     */
    private function __construct(
        public int $count,
        public ?LengthRange $diameter,
        public ?Length $outOfRound,
        public ?Length $stepToNeighbour,
        public ?Length $stepOverall,
        public ?array $lineBoreSteps,
        public ?Length $partingGap,
        public ?bool $galleriesOpenable,
        public ?ThrustSpec $thrust,
        public array $noGo,
    ) {
    }

    /** @return ?LengthRange At a line-bore step; null where the standard size is not known */
    public function diameterAt(Length $step): ?LengthRange
    {
        return $this->diameter?->plus($step);
    }

    /** True where so thick a feeler may not enter the torqued case, and does; never where the case is not split (LINE-3). */
    public function isPartedBy(Length $feeler): bool
    {
        return $this->partingGap !== null && ! $feeler->isSmallerThan($this->partingGap);
    }

    public static function fromNode(Node $node, LengthUnit $unit, Layout $layout): self
    {
        $gap = $node->at('parting_gap');

        return new self(
            $node->at('count')->ifGiven(static fn (Node $count): int => $count->wholeNumber(2, 12)) ?? $layout->usualMains(),
            LengthRange::ifGiven($node->at('diameter'), $unit),
            $node->at('out_of_round')->positiveLengthIfGiven($unit),
            $node->at('step_to_neighbour')->positiveLengthIfGiven($unit),
            $node->at('step_overall')->positiveLengthIfGiven($unit),
            $node->at('line_bore_steps')->ascendingLengthsIfGiven($unit),
            $gap->positiveLengthIfGiven($unit) ?? ($layout->kind === LayoutKind::Flat ? Length::ofNanometres(self::PARTING_GAP_NM) : null),
            $node->at('galleries_openable')->ifGiven(static fn (Node $openable): bool => $openable->flag()),
            $node->at('thrust')->ifGiven(static fn (Node $thrust): ThrustSpec => ThrustSpec::fromNode($thrust, $unit)),
            array_map(NoGo::fromNode(...), $node->at('no_go')->itemsIfGiven()),
        );
    }
}
