<?php

declare(strict_types=1);

namespace App\Observations;

use App\Ledger\EntryKind;
use NorthLedger\Core\Receiving\Arrival;
use NorthLedger\Core\Receiving\PartLine;
use NorthLedger\Core\Receiving\PartsList;
use NorthLedger\Core\Spec\SpecificationSheet;

/** The parts of an engine that are expected as it came, and what was counted in of them; folded from a job's observations. */
final readonly class CountedParts
{
    /**
     * @param  array<string, PartLine>  $expected  By key
     * @param  array<string, Said>  $counts  What was counted, by key
     */
    private function __construct(public array $expected, public array $counts)
    {
    }

    public static function of(SpecificationSheet $sheet, Arrival $arrival, JobObservations $observations): self
    {
        return new self(PartsList::expected($sheet, $arrival), $observations->newest(EntryKind::PartCount));
    }

    /** @return list<PartLine> Expected and not counted in yet */
    public function uncounted(): array
    {
        return array_values(array_diff_key($this->expected, $this->counts));
    }
}
