<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** The bores in the block that the camshaft's bearings are pressed into; they may step down from front to rear. */
final readonly class CamshaftBoreSpec
{
    /**
     * @param  non-empty-list<LengthRange>  $diameters  One for each bore, from the front
     * @param  Length  $offLine  How far a bore may be off the line of the others
     */
    private function __construct(public array $diameters, public Length $outOfRound, public Length $offLine)
    {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $diameters = array_map(static fn (Node $one): LengthRange => LengthRange::fromNode($one, $unit), $node->at('diameters')->items());
        if ($diameters === []) {
            $node->at('diameters')->complain('range_for_each_bore');
        }

        return new self(
            $diameters === [] ? [LengthRange::between(Length::zero(), Length::zero())] : $diameters,
            $node->at('out_of_round')->positiveLength($unit),
            $node->at('off_line')->positiveLength($unit),
        );
    }

    public function count(): int
    {
        return count($this->diameters);
    }

    public function diameter(int $bore): LengthRange
    {
        return $this->diameters[$bore - 1] ?? $this->diameters[0];
    }
}
