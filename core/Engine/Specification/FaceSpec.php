<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Roughness;

/** A flat face that seals: deck or head (DECK-1, DECK-4, DECK-5). */
final readonly class FaceSpec
{
    /** @param  ?GasketKind  $flatnessOf  The gasket whose tolerance the flatness is; null where the sheet gives its own */
    private function __construct(
        public Length $flatness,
        public Length $localFlatness,
        public Length $localSpan,
        public Roughness $roughest,
        public Length $standardHeight,
        public Length $minimumHeight,
        public Length $length,
        public Length $width,
        public ?GasketKind $flatnessOf,
    ) {
    }

    /** @param  GasketKind  $gasket  Decides flatness and finish where the sheet gives none (DECK-5) */
    public static function fromNode(Node $node, LengthUnit $unit, GasketKind $gasket): self
    {
        $face = new self(
            $node->at('flatness')->isGiven() ? $node->at('flatness')->positiveLength($unit) : $gasket->flatness(),
            $node->at('local_flatness')->positiveLength($unit),
            $node->at('local_span')->positiveLength($unit),
            $node->at('finish_ra_nm')->isGiven() ? Roughness::ofNanometres($node->at('finish_ra_nm')->wholeNumber(1)) : $gasket->roughest(),
            $node->at('height')->at('standard')->positiveLength($unit),
            $node->at('height')->at('minimum')->positiveLength($unit),
            $node->at('size')->at('length')->positiveLength($unit),
            $node->at('size')->at('width')->positiveLength($unit),
            $node->at('flatness')->isGiven() ? null : $gasket,
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
