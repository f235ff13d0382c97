<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Mass;

/** The connecting rods of a family (ROD); null is what nobody knows. */
final readonly class RodSpec
{
    private function __construct(
        public Material $material,
        public ?LengthRange $bigEnd,
        public ?LengthRange $smallEnd,
        public ?LengthRange $centreDistance,
        public ?Length $outOfRound,
        public ?Length $taper,
        public ?Length $bend,
        public ?Length $twist,
        public ?Mass $bigEndMass,
        public ?Mass $smallEndMass,
        public ?Mass $spread,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        return new self(
            $node->at('material')->ifGiven(static fn (Node $material): Material => $material->word(Material::class)) ?? Material::Steel,
            LengthRange::ifGiven($node->at('big_end'), $unit),
            LengthRange::ifGiven($node->at('small_end'), $unit),
            LengthRange::ifGiven($node->at('centre_distance'), $unit),
            $node->at('out_of_round')->positiveLengthIfGiven($unit),
            $node->at('taper')->positiveLengthIfGiven($unit),
            $node->at('bend')->positiveLengthIfGiven($unit),
            $node->at('twist')->positiveLengthIfGiven($unit),
            $node->at('big_end_mass_ug')->massIfGiven(),
            $node->at('small_end_mass_ug')->massIfGiven(),
            $node->at('spread_ug')->massIfGiven(),
        );
    }
}
