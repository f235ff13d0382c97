<?php

declare(strict_types=1);

namespace App\Actions;

use App\Sheets\SheetName;
use NorthLedger\Core\Gauging\Conditions;
use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\ReadingUnit;

/** A setup as it was stated. */
final readonly class SetupEntry
{
    public function __construct(
        public string $ulid,
        public SheetName $sheet,
        public Feature $feature,
        public InstrumentKind $instrument,
        public ?ReadingUnit $readingUnit,
        public string $zero,
        public Conditions $conditions,
    ) {
    }
}
