<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use App\Storage\Said;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;

/** The known defects a customer has accepted, each with the worst that can come of it, who accepted it and when (VER-5). */
final readonly class Concessions
{
    /** What was accepted was kept in these very words before looks had codes; a concession of then holds still. */
    private const AS_KEPT_BEFORE = [
        'places.pitting.0' => 'none',
        'places.pitting.1' => 'stain',
        'places.pitting.2' => 'visible, not felt',
        'places.pitting.3' => 'felt',
        'places.pitting.4' => 'catches a nail',
        'findings.reason.feeler_enters' => 'A feeler enters the torqued case: the halves do not seal and the bearings do not hold.',
        'findings.reason.score_ground_out' => 'It has to be ground out: twice its depth comes off.',
        'findings.reason.past_last_undersize' => 'They do not clean up at the largest undersize offered: weld them up, or replace '.
            'the crankshaft.',
        'findings.reason.through_the_case' => 'Grinding goes through the hardened case: treat it anew, or replace the crankshaft.',
        'findings.reason.strip_differs' => 'The strip says another clearance than gauge and micrometer: ask which is wrong. It is a '.
            'cross-check only and cannot show out-of-round or taper of the housing.',
        'findings.reason.drop_against_clearance' => 'It does not fall freely, and its clearance measures fine. A bent stem, dirt in '.
            'the guide, or a reading that is wrong: look again.',
        'findings.reason.pits_have_to_go' => 'Inside the sealing band they have to go: the deepest adds to the cut, or is repaired.',
    ];

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
            ? in_array($said->text('look'), [$finding->state, self::asKeptBefore($finding)], true)
            : $finding->margin->value >= $margin;
    }

    private static function asKeptBefore(Finding $finding): ?string
    {
        return $finding->said instanceof Message ? self::AS_KEPT_BEFORE[$finding->said->code] ?? null : $finding->said;
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
