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
    /**
     * @param  ?float  $leastRatio  That the engine runs well with, whatever is cut
     * @param  ?float  $mostRatio  That its fuel allows
     * @param  ?Length  $leastDeckClearance  Of a piston; below zero where it may stand proud of the deck
     */
    private function __construct(
        public ?Volume $chamber,
        public ?Volume $crown,
        public ?Length $gasketBore,
        public ?Length $gasketThickness,
        public ?GasketKind $gasket,
        public ?Length $deckClearance,
        public ?float $ratio,
        public ?float $leastRatio,
        public ?float $mostRatio,
        public ?Length $leastDeckClearance,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $spec = new self(
            self::volume($node->at('chamber_mm3'), 1, 2e6),
            self::volume($node->at('crown_mm3'), -1e6, 1e6),
            $node->at('gasket')->at('bore')->positiveLengthIfGiven($unit),
            $node->at('gasket')->at('thickness')->positiveLengthIfGiven($unit),
            $node->at('gasket')->at('kind')->ifGiven(static fn (Node $kind): GasketKind => $kind->word(GasketKind::class)),
            $node->at('deck_clearance')->ifGiven(static fn (Node $clearance): Length => $clearance->length($unit)),
            self::ratio($node->at('ratio')),
            self::ratio($node->at('least_ratio')),
            self::ratio($node->at('most_ratio')),
            $node->at('least_deck_clearance')->ifGiven(static fn (Node $clearance): Length => $clearance->length($unit)),
        );
        if ($spec->leastRatio !== null && $spec->mostRatio !== null && $spec->leastRatio > $spec->mostRatio) {
            $node->at('least_ratio')->complain('no_more_than_the_most');
        }

        return $spec;
    }

    /** The ratio that bore, stroke and volumes give (COMP-1); infinite where no volume is left, null where one of them is not known. */
    public function ratioOf(Length $bore, Length $stroke): ?float
    {
        $gasket = $this->gasketVolume();
        if ($this->chamber === null || $this->crown === null || $gasket === null || $this->deckClearance === null) {
            return null;
        }
        $swept = Volume::ofCylinder($bore, $stroke);
        $clearance = $this->chamber->plus($gasket)->plus(Volume::ofCylinder($bore, $this->deckClearance))->minus($this->crown);

        return $clearance->isPositive() ? $swept->plus($clearance)->cubicMillimetres / $clearance->cubicMillimetres : INF;
    }

    /** What the gasket's hole holds, pressed; null where it is not known. */
    public function gasketVolume(): ?Volume
    {
        return $this->gasketBore === null || $this->gasketThickness === null
            ? null
            : Volume::ofCylinder($this->gasketBore, $this->gasketThickness);
    }

    private static function ratio(Node $node): ?float
    {
        return $node->ifGiven(static fn (Node $ratio): float => $ratio->number(3, 25));
    }

    private static function volume(Node $node, float $least, float $most): ?Volume
    {
        return $node->isGiven() ? Volume::ofCubicMillimetres($node->number($least, $most)) : null;
    }
}
