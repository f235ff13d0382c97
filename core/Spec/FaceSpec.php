<?php

declare(strict_types=1);

namespace NorthLedger\Core\Spec;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Roughness;

/** A flat face that seals: deck or head (DECK-1, DECK-4, DECK-5). */
final readonly class FaceSpec
{
    private function __construct(
        public Length $flatness,
        public Length $localFlatness,
        public Length $localSpan,
        public Roughness $roughest,
        public Length $standardHeight,
        public Length $minimumHeight,
        public Length $length,
        public Length $width,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $face = new self(
            $node->at('flatness')->positiveLength($unit),
            $node->at('local_flatness')->positiveLength($unit),
            $node->at('local_span')->positiveLength($unit),
            Roughness::ofNanometres($node->at('finish_ra_nm')->wholeNumber(1)),
            $node->at('height')->at('standard')->positiveLength($unit),
            $node->at('height')->at('minimum')->positiveLength($unit),
            $node->at('size')->at('length')->positiveLength($unit),
            $node->at('size')->at('width')->positiveLength($unit),
        );
        if ($face->minimumHeight->isLargerThan($face->standardHeight)) {
            $node->at('height')->complain('a minimum no larger than the standard');
        }
        if ($face->localFlatness->isLargerThan($face->flatness)) {
            $node->at('local_flatness')->complain('no more than the flatness overall');
        }

        return $face;
    }
}
