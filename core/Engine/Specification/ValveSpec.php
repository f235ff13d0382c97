<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** The valves of one kind, intake or exhaust, with their guides and seats (VALVE). */
final readonly class ValveSpec
{
    /** @param  list<float>  $seatAngles  In degrees, the sealing one first: one for a single cut, three for a multi-angle seat */
    private function __construct(
        public int $count,
        public ?LengthRange $stem,
        public ?LengthRange $guide,
        public ?LengthRange $stemClearance,
        public ?LengthRange $guideHeight,
        public ?LengthRange $seatWidth,
        public ?Length $seatRunout,
        public array $seatAngles,
        public ?Length $headDiameter,
        public ?Length $guideReam,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit, Layout $layout): self
    {
        $valve = new self(
            $node->at('count')->ifGiven(static fn (Node $count): int => $count->wholeNumber(1, 32)) ?? count($layout->cylinders()),
            LengthRange::ifGiven($node->at('stem'), $unit),
            LengthRange::ifGiven($node->at('guide'), $unit),
            LengthRange::ifGiven($node->at('stem_clearance'), $unit),
            LengthRange::ifGiven($node->at('guide_height'), $unit),
            LengthRange::ifGiven($node->at('seat_width'), $unit),
            $node->at('seat_runout')->positiveLengthIfGiven($unit),
            array_map(static fn (Node $angle): float => $angle->number(1, 89), $node->at('seat_angles_deg')->itemsIfGiven()),
            $node->at('head_diameter')->positiveLengthIfGiven($unit),
            $node->at('guide_ream')->positiveLengthIfGiven($unit),
        );
        $result = $valve->stem === null ? null : $valve->guide?->around($valve->stem);
        if ($result !== null && $valve->stemClearance?->holds($result) === false) {
            $node->at('stem_clearance')->complain('stem_clearance');
        }

        return $valve;
    }
}
