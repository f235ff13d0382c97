<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Ledger\EntryKind;
use App\Observations\JobObservations;
use App\Observations\Said;
use NorthLedger\Core\Inspection\PartFinding;
use NorthLedger\Core\Inspection\Remedy;

/** The known defects a customer has accepted, each with the worst that can come of it, who accepted it and when (VER-5). */
final readonly class Concessions
{
    /** @param  array<string, Said>  $byFinding */
    private function __construct(private array $byFinding)
    {
    }

    public static function of(JobObservations $observations): self
    {
        return new self(array_filter($observations->newest(EntryKind::Concession), static fn (Said $said): bool => ! $said->flag('withdrawn')));
    }

    public function isEmpty(): bool
    {
        return $this->byFinding === [];
    }

    /** A scrapped part stays scrapped: what cannot hold is nobody's to accept. */
    public function covers(PartFinding $finding): bool
    {
        return isset($this->byFinding[$finding->key()]) && $finding->remedy !== null && $finding->remedy !== Remedy::Scrap;
    }

    /** @return list<Said> */
    public function all(): array
    {
        return array_values($this->byFinding);
    }
}
