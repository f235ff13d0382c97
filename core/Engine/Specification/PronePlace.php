<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** A place where this family is known to crack; position in thousandths of the face's width and height, from its top left. */
final readonly class PronePlace
{
    public const SIDE = 1_000;

    private function __construct(
        public int $number,
        public Face $face,
        public int $x,
        public int $y,
        public CrackZone $zone,
        public string $words,
        public ?int $cylinder,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        $cylinder = $node->at('cylinder');
        $place = new self(
            $node->at('number')->wholeNumber(1, 99),
            $node->at('face')->word(Face::class),
            $node->at('x')->wholeNumber(0, self::SIDE),
            $node->at('y')->wholeNumber(0, self::SIDE),
            $node->at('zone')->word(CrackZone::class),
            $node->at('words')->text(),
            $cylinder->isGiven() ? $cylinder->wholeNumber(1, Layout::MOST_CYLINDERS) : null,
        );
        if (! in_array($place->zone, $place->face->zones(), true)) {
            $node->at('zone')->complain('zone_of_the_face', ['face' => $place->face]);
        }
        if ($place->zone->isAtCylinder() && $place->cylinder === null) {
            $cylinder->complain('cylinder_of_the_crack');
        }

        return $place;
    }
}
