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
    /** @param  ?GasketKind  $flatnessOf  The gasket whose tolerance the flatness is; null where the sheet gives its own, or nobody knows */
    private function __construct(
        public ?Length $flatness,
        public ?Length $localFlatness,
        public ?Length $localSpan,
        public ?Roughness $roughest,
        public ?Length $standardHeight,
        public ?Length $minimumHeight,
        public ?Length $length,
        public ?Length $width,
        public ?GasketKind $flatnessOf,
    ) {
    }

    /** @param  ?GasketKind  $gasket  Decides flatness and finish where the sheet gives none (DECK-5); null where it is not known */
    public static function fromNode(Node $node, LengthUnit $unit, ?GasketKind $gasket): self
    {
        $finish = $node->at('finish_ra_nm');
        $face = new self(
            $node->at('flatness')->positiveLengthIfGiven($unit) ?? $gasket?->flatness(),
            $node->at('local_flatness')->positiveLengthIfGiven($unit),
            $node->at('local_span')->positiveLengthIfGiven($unit),
            $finish->isGiven() ? Roughness::ofNanometres($finish->wholeNumber(1)) : $gasket?->roughest(),
            $node->at('height')->at('standard')->positiveLengthIfGiven($unit),
            $node->at('height')->at('minimum')->positiveLengthIfGiven($unit),
            $node->at('size')->at('length')->positiveLengthIfGiven($unit),
            $node->at('size')->at('width')->positiveLengthIfGiven($unit),
            $node->at('flatness')->isGiven() ? null : $gasket,
        );
        if ($face->minimumHeight !== null && $face->standardHeight?->isSmallerThan($face->minimumHeight) === true) {
            $node->at('height')->complain('minimum_height');
        }
        if ($face->localFlatness !== null && $face->flatness?->isSmallerThan($face->localFlatness) === true) {
            $node->at('local_flatness')->complain('local_flatness');
        }
        if (($face->localFlatness === null) !== ($face->localSpan === null)) {
            $node->at('local_span')->complain('local_span');
        }

        return $face;
    }
}
