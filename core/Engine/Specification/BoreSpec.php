<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** The bores of a family: sizes offered, limits in service and when finished, walls, finish. */
final readonly class BoreSpec
{
    /** @param  list<Length>  $oversizes  Ascending, above standard */
    private function __construct(
        public Length $nominal,
        public array $oversizes,
        public Length $largestStep,
        public Length $length,
        public BoreLimits $service,
        public BoreLimits $finished,
        public Length $standardWall,
        public Length $minimumWall,
        public Length $allowedShift,
        public TorquePlate $torquePlate,
        public RingFace $ringFace,
        public float $crosshatchLeast,
        public float $crosshatchMost,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $oversizes = $node->at('oversizes')->ascendingLengths($unit);
        $largest = $node->at('largest_oversize');

        return new self(
            $node->at('nominal')->positiveLength($unit),
            $oversizes,
            $largest->isGiven() ? $largest->positiveLength($unit) : Length::largest(Length::zero(), ...$oversizes),
            $node->at('length')->positiveLength($unit),
            BoreLimits::fromNode($node->at('service'), $unit),
            BoreLimits::fromNode($node->at('finished'), $unit),
            $node->at('wall')->at('standard')->positiveLength($unit),
            $node->at('wall')->at('minimum')->positiveLength($unit),
            $node->at('allowed_shift')->positiveLength($unit),
            $node->at('torque_plate')->word(TorquePlate::class),
            $node->at('ring_face')->word(RingFace::class),
            $node->at('crosshatch_included_deg')->at('least')->number(0, 180),
            $node->at('crosshatch_included_deg')->at('most')->number(0, 180),
        );
    }

    public function sizeAt(Length $step): Length
    {
        return $this->nominal->plus($step);
    }
}
