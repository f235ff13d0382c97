<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Quantity\Length;

/** One indication with every reading of it, and what is done about it once it is a crack (CRACK-3, CRACK-5). */
final readonly class Indication
{
    /**
     * @param  string  $id  Stable name of the one who keeps it
     * @param  int  $number  On the map, from 1
     * @param  Material  $material  Of the part it lies in
     * @param  non-empty-list<LookReading>  $readings  Oldest first
     * @param  ?Length  $length  Null where it was not measured
     * @param  ?bool  $grindsOut  Somebody judged whether it grinds out; null where nobody has
     * @param  bool  $asksForSecondMethod  The part is not scrapped on one surface method alone (CRACK-5b)
     * @param  ?Disposition  $decided  What a person decided; null while only the table has spoken
     */
    public function __construct(
        public string $id,
        public int $number,
        public CrackLocation $location,
        public Material $material,
        public array $readings,
        public ?Length $length = null,
        public ?bool $grindsOut = null,
        public ?Disposition $decided = null,
        public ?CustomerAnswer $answer = null,
        public bool $asksForSecondMethod = false,
    ) {
    }

    public function classification(): Classification
    {
        return Classification::ofLooks(array_map(static fn (LookReading $reading): Look => $reading->look, $this->readings));
    }

    public function isCrack(): bool
    {
        return $this->classification() === Classification::Crack;
    }

    /** What the table proposes; null where no row names it and a person has to decide. */
    public function proposed(): ?Disposition
    {
        try {
            return DispositionTable::dispose($this->material, $this->location->zone, $this->grindsOut);
        } catch (NoDisposition) {
            return null;
        }
    }

    /** What holds: the person's decision, else the proposal, and that only once it is confirmed; null for anything that is no crack. */
    public function disposition(): ?Disposition
    {
        $held = $this->isCrack() ? $this->decided ?? $this->proposed() : null;

        return match (true) {
            $held !== Disposition::Scrap || $this->decided !== null => $held,
            $this->confirmation() === Confirmation::Awaited => Disposition::ConfirmFirst,
            $this->confirmation() === Confirmation::Contradicted => Disposition::Specialist,
            default => $held,
        };
    }

    /** Whether another method has to speak before it scraps its part, and what it said. */
    public function confirmation(): Confirmation
    {
        return $this->asksForSecondMethod ? Confirmation::of($this->readings) : Confirmation::NotAsked;
    }

    /** True where it has to be read once more: to know what it is, or to confirm that it scraps its part. */
    public function wantsAnotherReading(): bool
    {
        return $this->classification()->needsRetest() || $this->disposition() === Disposition::ConfirmFirst;
    }

    /** True while the repair waits for the customer's word. */
    public function waitsForCustomer(): bool
    {
        return $this->answer === null && $this->disposition()?->customerDecides() === true;
    }

    /** True where a crack needs somebody's decision: none was taken, or no rule could propose one. */
    public function waitsForDecision(): bool
    {
        return $this->isCrack() && $this->decided === null;
    }
}
