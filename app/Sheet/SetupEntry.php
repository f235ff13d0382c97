<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Storage\SheetName;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\ReadingUnit;
use NorthLedger\Core\Record\Conditions;

/** A setup as it was stated. */
final readonly class SetupEntry
{
    /**
     * @param  string  $gauge  Tag of a gauge of the register, or a kind
     * @param  string  $zero  The known size it was set to, as typed
     * @param  ?Place  $zeroPlace  Of the part, where it was zeroed there (GAUGE-2)
     * @param  ?InstrumentKind  $zeroWith  What it was set to that size with; null for a ring, a fixture or a master
     * @param  string  $masterTag  The master it was set on; empty where none of the register
     */
    public function __construct(
        public string $ulid,
        public SheetName $sheet,
        public Feature $feature,
        public string $gauge,
        public ?ReadingUnit $readingUnit,
        public string $zero,
        public Conditions $conditions,
        public ?Place $zeroPlace = null,
        public string $masterTag = '',
        public ?InstrumentKind $zeroWith = null,
    ) {
    }
}
