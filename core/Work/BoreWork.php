<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Policy\OrderOfWork;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\FinishedBore;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Makes the work order of a block's bores from the option that was chosen (WORK-1, BORE-12). */
final readonly class BoreWork
{
    private LengthDisplay $display;

    /** @param  array<int, Length>  $pistons  Measured skirt sizes by cylinder; the sheet's new piston stands in */
    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy, private array $pistons)
    {
        $this->display = LengthDisplay::in($sheet->unit);
    }

    private const SIZE_UNKNOWN =
        ' Its finished size is not known yet: measure the piston that goes in, and put the least clearance it wants into the sheet.';

    /** @throws WorkException If the option is to replace the block */
    public function order(ReboreOption $option): WorkOrder
    {
        if ($option->kind === OptionKind::Replace) {
            throw WorkException::nothingToWork();
        }
        $bored = $option->kind === OptionKind::Bore ? $this->sheet->layout->cylinders() : $option->sleeved;
        $operations = [$this->clean(), $this->crackCheck()];
        foreach ($option->sleeved as $cylinder) {
            $operations[] = $this->sleeve($cylinder);
        }
        if ($bored !== []) {
            $operations[] = $this->deck($option->sleeved);
            foreach ($bored as $cylinder) {
                $operations[] = $this->bore($cylinder, $option);
            }
            $operations[] = $this->chamfer();
        }
        foreach ($this->sheet->layout->cylinders() as $cylinder) {
            $operations[] = $this->hone($cylinder, $option, in_array($cylinder, $bored, true));
        }
        $operations[] = $this->finalWash();

        return WorkOrder::of($operations, self::waits($this->policy->orderOfWork));
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

    /** @return list<array{OperationKind, OperationKind}> What comes before what, by the shop's school (WORK-1) */
    public static function waits(OrderOfWork $orderOfWork): array
    {
        $school =
            $orderOfWork === OrderOfWork::DeckFirst
                ? [OperationKind::Deck, OperationKind::Bore]
                : [OperationKind::Bore, OperationKind::Deck];

        return [
            [OperationKind::Clean, OperationKind::CrackCheck],
            [OperationKind::CrackCheck, OperationKind::Sleeve],
            [OperationKind::Sleeve, OperationKind::Deck],
            [OperationKind::Sleeve, OperationKind::Bore],
            $school,
            [OperationKind::Bore, OperationKind::Chamfer],
            [OperationKind::Deck, OperationKind::Chamfer],
            [OperationKind::Chamfer, OperationKind::Hone],
            [OperationKind::Hone, OperationKind::FinalWash],
        ];
    }

    private function clean(): Operation
    {
        return $this->operation(
            OperationKind::Clean,
            null,
            null,
            'Wash, open the galleries, dry, oil the machined faces.',
            'wash tank',
            'Clean and dry, deposits gone from the ridges',
        );
    }

    private function crackCheck(): Operation
    {
        return $this->operation(
            OperationKind::CrackCheck,
            null,
            null,
            'Check every bore and the deck between the bores before money is spent.',
            'dye penetrant or magnetic particle',
            'No indication found, or stop and say where',
        );
    }

    private function sleeve(int $cylinder): Operation
    {
        return $this->operation(
            OperationKind::Sleeve,
            $cylinder,
            null,
            'Measure the sleeve at four places; cut the parent bore to it, leave the step at the bottom; fit, let it cool to room '.
                'temperature.',
            'boring mill, press',
            'Seated on its step, one piece, no edge that catches a nail',
        );
    }

    /** @param  list<int>  $sleeved */
    private function deck(array $sleeved): Operation
    {
        $instruction =
            $sleeved === []
                ? 'Take as little as cleans up; nothing where the deck is flat within its limit.'
                : 'Trim the sleeves flush, then take as little as cleans up.';

        return $this->operation(
            OperationKind::Deck,
            null,
            null,
            $instruction,
            'surfacer',
            'Straightedge and feeler along, across and both diagonals',
        );
    }

    private function bore(int $cylinder, ReboreOption $option): Operation
    {
        $finished = $this->finished($cylinder, $option);
        $centre = isset($option->offCentre[$cylinder])
            ? 'Offset toward the wear, at most '.$this->display->magnitudeWithUnit($option->offCentre[$cylinder]).'.'
            : 'Centre on the original axis.';
        $stock = $this->policy->boreAllowances($this->sheet->unit)->honeStock;

        return $this->operation(
            OperationKind::Bore,
            $cylinder,
            $finished === null ? null : new Target($finished->bored, $finished->boredLeast, $finished->boredMost),
            (in_array($cylinder, $option->sleeved, true) ? 'Bore the sleeve.' : $centre).
                ($finished === null ? self::SIZE_UNKNOWN : ' Leaves '.$this->display->magnitudeWithUnit($stock).' to hone.'),
            'boring mill',
            'Bore gauge, top and bottom, two axes',
        );
    }

    private function chamfer(): Operation
    {
        return $this->operation(
            OperationKind::Chamfer,
            null,
            null,
            'Break every top edge evenly so that rings go in.',
            'chamfer cone',
            'Even all round, no burr',
        );
    }

    private function hone(int $cylinder, ReboreOption $option, bool $isCut): Operation
    {
        $crosshatch = sprintf('crosshatch %g to %g° included', $this->sheet->bore->crosshatchLeast, $this->sheet->bore->crosshatchMost);
        $tool = $this->sheet->bore->ringFace?->abrasive() ?? 'stones for the ring face, which the sheet does not say';
        $isToClearance = in_array($cylinder, $option->honedToClearance, true);
        if (! $isCut && ! $isToClearance) {
            $plate = $this->sheet->bore->torquePlate->isNeeded() ? ', torque plate on' : '';
            $piston = in_array($cylinder, $option->newPistons, true) ? ' A new piston goes in.' : '';

            return $this->operation(
                OperationKind::Hone,
                $cylinder,
                null,
                "Deglaze hone, size as it is, main caps torqued{$plate}; {$crosshatch}.{$piston}",
                $tool,
                'Even crosshatch, no shine left, size unchanged',
            );
        }
        $plate = $this->sheet->bore->torquePlate->isOrdered() ? ', torque plate on' : '';
        $finished = $this->finished($cylinder, $option);

        return $this->operation(
            OperationKind::Hone,
            $cylinder,
            $finished === null ? null : new Target($finished->aim, $finished->least, $this->mostHoned($finished, $isToClearance)),
            ($isToClearance ? 'To the clearance of its own piston. ' : '')."Rigid stones, main caps torqued{$plate}; {$crosshatch}.".
                ($finished === null ? self::SIZE_UNKNOWN : ''),
            $tool,
            'Fresh readings at all six places once it is cool',
        );
    }

    /** A bore that keeps its piston may grow to the service clearance, one that is cut only within its tolerance. */
    private function mostHoned(FinishedBore $finished, bool $isToClearance): Length
    {
        [$least, $service] = [$this->sheet->piston->minimumClearance, $this->sheet->bore->service->clearance];

        return $isToClearance && $least !== null && $service !== null ? $finished->least->minus($least)->plus($service) : $finished->most;
    }

    private function finalWash(): Operation
    {
        return $this->operation(
            OperationKind::FinalWash,
            null,
            null,
            'Hot soapy water and a brush in every bore until a white cloth stays white; oil at once.',
            'brush, white cloth',
            'White cloth stays white',
        );
    }

    private function operation(
        OperationKind $kind,
        ?int $cylinder,
        ?Target $target,
        string $instruction,
        string $tool,
        string $check,
    ): Operation {
        return new Operation($kind, $cylinder, $target, $instruction, $tool, $check, Caution::of($kind));
    }
}
