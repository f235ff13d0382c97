<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreMeasures;
use NorthLedger\Core\Record\Reading;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;
use NorthLedger\Core\Work\Target;

/** One finished bore, verified against what was ordered (WORK-4). */
final readonly class VerifiedBore
{
    /**
     * @param  ?Target  $size  Null where the bore was only deglazed
     * @param  list<VerifiedCharacteristic>  $characteristics
     * @param  list<Place>  $missing
     * @param  list<OrderedCondition>  $lackingConditions
     * @param  list<RingGap>  $rings
     */
    public function __construct(
        public int $cylinder,
        public VerificationState $state,
        public ?Target $size,
        public BoreMeasures $measures,
        public array $characteristics,
        public array $missing,
        public array $lackingConditions,
        private bool $grewBeyondDoubt = false,
        public array $rings = [],
    ) {
    }

    /** True where it grew by more than the doubt of the two readings. */
    public function hasGrown(): bool
    {
        return $this->grewBeyondDoubt;
    }

    /** @return list<string> Keys of the places that read outside the ordered size */
    public function outOfTarget(): array
    {
        $size = $this->size;

        return $size === null
            ? []
            : array_keys(
                array_filter(
                    $this->measures->bore->readings,
                    static fn (Reading $reading): bool => $reading->place->station !== Station::Land && ! $size->holds($reading->corrected),
                ),
            );
    }
}
