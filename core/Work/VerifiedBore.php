<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Judgement\BoreMeasures;

/** One finished bore, verified against what was ordered (WORK-4). */
final readonly class VerifiedBore
{
    /**
     * @param  ?Target  $size  Null where the bore was only deglazed
     * @param  list<VerifiedCharacteristic>  $characteristics
     * @param  list<Place>  $missing
     * @param  list<string>  $lackingConditions
     */
    public function __construct(
        public int $cylinder,
        public VerificationState $state,
        public ?Target $size,
        public BoreMeasures $measures,
        public array $characteristics,
        public array $missing,
        public array $lackingConditions,
    ) {
    }
}
