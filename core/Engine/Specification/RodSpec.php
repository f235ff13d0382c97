<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Mass;

/** The connecting rods of a family (ROD). */
final readonly class RodSpec
{
    private function __construct(
        public Material $material,
        public LengthRange $bigEnd,
        public LengthRange $smallEnd,
        public LengthRange $centreDistance,
        public Length $outOfRound,
        public Length $taper,
        public Length $bend,
        public Length $twist,
        public Mass $bigEndMass,
        public Mass $smallEndMass,
        public Mass $spread,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        return new self(
            $node->at('material')->word(Material::class),
            LengthRange::fromNode($node->at('big_end'), $unit),
            LengthRange::fromNode($node->at('small_end'), $unit),
            LengthRange::fromNode($node->at('centre_distance'), $unit),
            $node->at('out_of_round')->positiveLength($unit),
            $node->at('taper')->positiveLength($unit),
            $node->at('bend')->positiveLength($unit),
            $node->at('twist')->positiveLength($unit),
            $node->at('big_end_mass_ug')->mass(),
            $node->at('small_end_mass_ug')->mass(),
            $node->at('spread_ug')->mass(),
        );
    }
}
