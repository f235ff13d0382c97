<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Making;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\FinishedBore;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Note;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Target;

/** The operations at the bores, from the way that was chosen for them (WORK-1, BORE-12). */
final readonly class BoreWork
{
    /** @param  array<int, Length>  $pistons  Measured skirt sizes by cylinder; the sheet's new piston stands in */
    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy, private array $pistons)
    {
    }

    /**
     * @param  list<int>  $order  Cylinders in the order in which they are best worked
     * @return list<Operation>
     */
    public function operations(ReboreOption $option, array $order): array
    {
        if ($option->kind === OptionKind::Replace) {
            return [];
        }
        $bored = $option->kind === OptionKind::Bore ? $order : array_values(array_intersect($order, $option->sleeved));

        return [
            ...array_map(
                fn (int $cylinder): Operation => new Operation(OperationKind::Sleeve, (string) $cylinder),
                array_values(array_intersect($order, $option->sleeved)),
            ),
            ...array_map(fn (int $cylinder): Operation => $this->bore($cylinder, $option), $bored),
            ...$bored === [] ? [] : [new Operation(OperationKind::Chamfer)],
            ...array_map(
                static fn (int $cylinder): Operation => new Operation(OperationKind::PistonsMeasured, (string) $cylinder),
                array_values(array_unique([...$bored, ...$option->newPistons])),
            ),
            ...array_map(fn (int $cylinder): Operation => $this->hone($cylinder, $option, in_array($cylinder, $bored, true)), $order),
        ];
    }

    /** The finished size of a cylinder that is cut (BORE-12); null where it cannot be told yet. */
    public function finished(int $cylinder, ReboreOption $option): ?FinishedBore
    {
        return FinishedBore::for(
            $this->sheet,
            $this->policy->boreAllowances($this->sheet->unit),
            $option->step,
            $this->pistons[$cylinder] ?? null,
        );
    }

    private function bore(int $cylinder, ReboreOption $option): Operation
    {
        $finished = $this->finished($cylinder, $option);
        $shift = $option->offCentre[$cylinder] ?? null;

        return new Operation(
            OperationKind::Bore,
            (string) $cylinder,
            $finished === null ? null : new Target($finished->bored, $finished->boredLeast, $finished->boredMost),
            notes: [
                match (true) {
                    in_array($cylinder, $option->sleeved, true) => new Note(NoteKind::BoreTheSleeve),
                    $shift !== null => new Note(NoteKind::OffsetTowardWear, [$shift]),
                    default => new Note(NoteKind::CentreOnAxis),
                },
                $finished === null
                    ? new Note(NoteKind::SizeUnknown)
                    : new Note(NoteKind::LeavesToHone, [$this->policy->boreAllowances($this->sheet->unit)->honeStock]),
                ...Note::datumFaces($this->sheet),
                new Note(NoteKind::CapsTorqued),
            ],
        );
    }

    private function hone(int $cylinder, ReboreOption $option, bool $isCut): Operation
    {
        $isToClearance = in_array($cylinder, $option->honedToClearance, true);
        $toSize = $isCut || $isToClearance;
        $finished = $toSize ? $this->finished($cylinder, $option) : null;
        $plate = $this->sheet->bore->torquePlate;
        $ringFace = $this->sheet->bore->ringFace;

        return new Operation(
            OperationKind::Hone,
            (string) $cylinder,
            $finished === null ? null : new Target($finished->aim, $finished->least, $this->mostHoned($finished, $isToClearance)),
            notes: [
                ...$isToClearance ? [new Note(NoteKind::ToClearance)] : [],
                new Note($toSize ? NoteKind::RigidStones : NoteKind::OnlyDeglaze),
                ...$toSize && $finished === null ? [new Note(NoteKind::SizeUnknown)] : [],
                new Note(NoteKind::CapsTorqued),
                ...($toSize ? $plate->isOrdered() : $plate->isNeeded()) ? [new Note(NoteKind::TorquePlate)] : [],
                new Note(
                    NoteKind::Crosshatch,
                    said: sprintf('%g to %g', $this->sheet->bore->crosshatchLeast, $this->sheet->bore->crosshatchMost),
                ),
                $ringFace === null ? new Note(NoteKind::AbrasiveUnknown) : new Note(NoteKind::Abrasive, said: $ringFace->abrasive()),
                ...! $toSize && in_array($cylinder, $option->newPistons, true) ? [new Note(NoteKind::NewPiston)] : [],
            ],
        );
    }

    /** A bore that keeps its piston may grow to the service clearance, one that is cut only within its tolerance. */
    private function mostHoned(FinishedBore $finished, bool $isToClearance): Length
    {
        [$least, $service] = [$this->sheet->piston->minimumClearance, $this->sheet->bore->service->clearance];

        return $isToClearance && $least !== null && $service !== null ? $finished->least->minus($least)->plus($service) : $finished->most;
    }
}
