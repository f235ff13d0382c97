<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use App\Storage\Said;
use App\Words\Messages;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Quantity\Length;

/** The known defects a customer has accepted, each with the worst that can come of it, who accepted it and when (VER-5). */
final readonly class Concessions
{
    /** @param  array<string, Said>  $byFinding */
    private function __construct(private array $byFinding)
    {
    }

    public static function of(JobObservations $observations): self
    {
        $byFinding = [];
        foreach ($observations->all(EntryKind::Concession) as $said) {
            $byFinding[FindingKey::read($said->subject)] = $said;
        }

        return new self(array_filter($byFinding, static fn (Said $said): bool => ! $said->flag('withdrawn')));
    }

    public function isEmpty(): bool
    {
        return $this->byFinding === [];
    }

    /**
     * A scrapped part stays scrapped: what cannot hold is nobody's to accept. What was accepted is the defect as it was then, and not
     * a worse one.
     */
    public function covers(Finding $finding): bool
    {
        $said = $this->byFinding[$finding->key()] ?? null;
        if ($said === null || $finding->remedy === null || $finding->remedy === Remedy::Scrap) {
            return false;
        }
        $margin = $said->number('margin');

        return $margin === null || $finding->margin === null
            ? in_array($said->text('look'), [$finding->state, Messages::said($finding->said)], true)
            : $finding->margin->value >= $margin;
    }

    /**
     * Felt and not caught, as a signed concession only (BORE-6).
     *
     * @return array<int, ?Length> How deep the accepted pits go, by cylinder; null where nobody had measured it
     */
    public function acceptedPits(): array
    {
        $accepted = [];
        foreach ($this->byFinding as $key => $said) {
            $cylinder = FindingKey::pittedCylinder($key);
            if ($cylinder !== null) {
                $depth = $said->whole('depth_nm');
                $accepted[$cylinder] = $depth === null ? null : Length::ofNanometres($depth);
            }
        }

        return $accepted;
    }

    /** @return list<Said> */
    public function all(): array
    {
        return array_values($this->byFinding);
    }
}
