<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Volume;

/** What encloses the charge at top dead centre (COMP-1). */
final readonly class VolumeSpec
{
    private function __construct(
        public Volume $chamber,
        public Volume $crown,
        public Length $gasketBore,
        public Length $gasketThickness,
        public GasketKind $gasket,
        public Length $deckClearance,
        public float $ratio,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        return new self(
            Volume::ofCubicMillimetres($node->at('chamber_mm3')->number(1, 2e6)),
            Volume::ofCubicMillimetres($node->at('crown_mm3')->number(-1e6, 1e6)),
            $node->at('gasket')->at('bore')->positiveLength($unit),
            $node->at('gasket')->at('thickness')->positiveLength($unit),
            $node->at('gasket')->at('kind')->word(GasketKind::class),
            $node->at('deck_clearance')->length($unit),
            $node->at('ratio')->number(3, 25),
        );
    }

    /** The ratio that bore, stroke and volumes give (COMP-1); infinite where no volume is left. */
    public function ratioOf(Length $bore, Length $stroke): float
    {
        $swept = Volume::ofCylinder($bore, $stroke);
        $clearance = $this->chamber
            ->plus(Volume::ofCylinder($this->gasketBore, $this->gasketThickness))
            ->plus(Volume::ofCylinder($bore, $this->deckClearance))
            ->minus($this->crown);

        return $clearance->isPositive() ? $swept->plus($clearance)->cubicMillimetres / $clearance->cubicMillimetres : INF;
    }
}
