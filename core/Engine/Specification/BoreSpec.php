<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** The bores of a family: sizes offered, limits in service and when finished, walls, finish. */
final readonly class BoreSpec
{
    /** Included degrees, where a family says nothing of its own (HONE-1). */
    private const CROSSHATCH_LEAST = 30.0;

    private const CROSSHATCH_MOST = 60.0;

    /**
     * @param  list<Length>  $oversizes  Ascending, above standard
     * @param  ?Length  $length  Null where nobody knows, as with the walls and the ring face
     * @param  ?Length  $allowedShift  Null: the shop's own (BORE-8)
     */
    private function __construct(
        public Length $nominal,
        public array $oversizes,
        public Length $largestStep,
        public ?Length $length,
        public BoreLimits $service,
        public BoreLimits $finished,
        public ?Length $standardWall,
        public ?Length $minimumWall,
        public ?Length $allowedShift,
        public TorquePlate $torquePlate,
        public ?RingFace $ringFace,
        public float $crosshatchLeast,
        public float $crosshatchMost,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $oversizes = $node->at('oversizes')->ascendingLengths($unit);
        $largest = $node->at('largest_oversize');
        $plate = $node->at('torque_plate');
        $crosshatch = $node->at('crosshatch_included_deg');

        return new self(
            $node->at('nominal')->positiveLength($unit),
            $oversizes,
            $largest->isGiven() ? $largest->positiveLength($unit) : Length::largest(Length::zero(), ...$oversizes),
            $node->at('length')->positiveLengthIfGiven($unit),
            BoreLimits::fromNode($node->at('service'), $unit),
            BoreLimits::fromNode($node->at('finished'), $unit),
            $node->at('wall')->at('standard')->positiveLengthIfGiven($unit),
            $node->at('wall')->at('minimum')->positiveLengthIfGiven($unit),
            $node->at('allowed_shift')->positiveLengthIfGiven($unit),
            $plate->isGiven() ? $plate->word(TorquePlate::class) : TorquePlate::NotUsed,
            $node->at('ring_face')->ifGiven(static fn (Node $face): RingFace => $face->word(RingFace::class)),
            $crosshatch->isGiven() ? $crosshatch->at('least')->number(0, 180) : self::CROSSHATCH_LEAST,
            $crosshatch->isGiven() ? $crosshatch->at('most')->number(0, 180) : self::CROSSHATCH_MOST,
        );
    }

    public function sizeAt(Length $step): Length
    {
        return $this->nominal->plus($step);
    }
}
