<?php

declare(strict_types=1);

namespace NorthLedger\Core\Cracks;

use NorthLedger\Core\Spec\EnginePart;
use NorthLedger\Core\Spec\Face;
use NorthLedger\Core\Spec\SpecificationSheet;

/** Everything the crack checks of one engine say: by part, by face, by crack-prone place. */
final readonly class CrackReport
{
    /**
     * @param  list<Indication>  $indications
     * @param  list<CheckRun>  $runs
     * @param  list<int>  $checkedPlaces  Numbers of the crack-prone places that were looked at
     * @param  list<PressureReading>  $pressures  The newest of each circuit
     */
    public function __construct(
        private SpecificationSheet $sheet,
        public array $indications,
        public array $runs,
        public array $checkedPlaces,
        public array $pressures,
    ) {
    }

    /** @return list<PartCracks> In the order of the faces */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->sheet->faces() as $face) {
            $parts[$face->part()->value] ??= $this->part($face->part());
        }

        return array_values($parts);
    }

    public function part(EnginePart $part): PartCracks
    {
        return PartCracks::of(
            $part,
            array_values(array_filter($this->indications, static fn (Indication $one): bool => $one->location->part() === $part)),
            array_values(array_filter($this->runs, static fn (CheckRun $run): bool => $run->part === $part)),
        );
    }

    public function isRead(Face $face): bool
    {
        return array_filter($this->runs, static fn (CheckRun $run): bool => $run->isRead() && in_array($face, $run->faces, true)) !== [];
    }

    /** @return list<Indication> */
    public function on(Face $face): array
    {
        return array_values(array_filter($this->indications, static fn (Indication $one): bool => $one->location->face === $face));
    }

    /** @return list<Indication> That are cracks */
    public function cracks(): array
    {
        return array_values(array_filter($this->indications, static fn (Indication $one): bool => $one->isCrack()));
    }

    /** @return list<Indication> That wait for the customer's word */
    public function customerHolds(): array
    {
        return array_values(array_filter($this->indications, static fn (Indication $one): bool => $one->waitsForCustomer()));
    }

    /** The run whose timer ends first; null where no timer runs. */
    public function nextDue(): ?CheckRun
    {
        $next = null;
        foreach ($this->runs as $run) {
            if ($run->dueAt() !== null && ($next === null || $run->dueAt() < $next->dueAt())) {
                $next = $run;
            }
        }

        return $next;
    }

    public function hasBegun(): bool
    {
        return $this->runs !== [] || $this->indications !== [];
    }
}
