<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Quantity\Length;

/** One depth of cut on a face (DECK-3). */
final readonly class FacePass
{
    public function __construct(
        public Length $depth,
        public int $pointsTouched,
        public float $shareTouched,
        public int $lightCutsRemaining,
    ) {
    }
}
