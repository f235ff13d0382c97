<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** Everything the crack checks of one engine say: by part, by face, by crack-prone place. */
final class CrackReport
{
    /** @var array<string, PartCracks> By part, each when first asked for */
    private array $byPart = [];

    /**
     * @param  list<Indication>  $indications
     * @param  list<CheckRun>  $runs
     * @param  list<int>  $checkedPlaces  Numbers of the crack-prone places that were looked at
     * @param  list<PressureReading>  $pressures  The newest of each circuit
     */
    public function __construct(
        private readonly SpecificationSheet $sheet,
        public readonly array $indications,
        public readonly array $runs,
        public readonly array $checkedPlaces,
        public readonly array $pressures,
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
        return $this->byPart[$part->value] ??= PartCracks::of(
            $part,
            array_values(array_filter($this->indications, static fn (Indication $one): bool => $one->location->part() === $part)),
            array_values(array_filter($this->runs, static fn (CheckRun $run): bool => $run->part === $part)),
        );
    }

    /** @return list<Face> Of a part, that no check covered that was read */
    public function unreadFaces(EnginePart $part): array
    {
        return array_values(
            array_filter($this->sheet->faces(), fn (Face $face): bool => $face->part() === $part && ! $this->isRead($face)),
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

    /** @return list<Indication> That are neither a crack nor cleared yet */
    public function suspects(): array
    {
        return array_values(array_filter($this->indications, static fn (Indication $one): bool => $one->classification()->needsRetest()));
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

    /** Null where no indication has that id. */
    public function indication(string $id): ?Indication
    {
        return array_values(array_filter($this->indications, static fn (Indication $one): bool => $one->id === $id))[0] ?? null;
    }
}
