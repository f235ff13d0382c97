<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Quantity\Length;

/** What was found of a sleeve in one bore, and what of it the customer has to decide (SLV-3). */
final readonly class SleeveSurvey
{
    /**
     * @param  list<SleevePiece>  $pieces  From the deck down; none: the bore has no sleeve
     * @param  ?Length  $depthOfCut  From the deck to the step, that a sleeve has to fill (SLV-2); null: not judged
     * @param  bool  $isShort  Somebody saw that it does not reach its step
     * @param  bool  $jointFelt  A joint is felt inside the ring travel
     * @param  ?CustomerAnswer  $answer  Accepted: it stays as it is, a concession; declined: it comes out; null: nobody asked yet
     */
    public function __construct(
        public int $cylinder,
        public array $pieces,
        public ?Length $depthOfCut = null,
        public bool $jointFelt = false,
        public bool $flangeNotSeated = false,
        public bool $edgeCatchesNail = false,
        public ?CustomerAnswer $answer = null,
        public bool $isShort = false,
    ) {
    }

    public function hasSleeve(): bool
    {
        return $this->pieces !== [];
    }

    /** The piece under the deck has to be as long as its bore was cut: what lies below it holds nothing up. */
    public function isNotFullDepth(): bool
    {
        $length = ($this->pieces[0] ?? null)?->length;

        return $this->isShort || ($length !== null && $this->depthOfCut !== null && $length->isSmallerThan($this->depthOfCut));
    }

    /** True while something is wrong with it and the customer has not said what is done. */
    public function waitsForCustomer(): bool
    {
        return $this->answer === null && $this->findings() !== [];
    }

    /** True where the customer wants it out: the cylinder is sleeved anew. */
    public function comesOut(): bool
    {
        return $this->answer === CustomerAnswer::Declined && $this->findings() !== [];
    }

    /** @return list<SleeveFinding> */
    public function findings(): array
    {
        return $this->hasSleeve()
            ? array_values(
                array_filter([
                    $this->edgeCatchesNail ? SleeveFinding::EdgeCatchesNail : null,
                    $this->flangeNotSeated && in_array(SleevePieceKind::Flanged, array_column($this->pieces, 'kind'), true)
                        ? SleeveFinding::FlangeNotSeated
                        : null,
                    $this->jointFelt ? SleeveFinding::JointInRingTravel : null,
                    count($this->pieces) > 1 ? SleeveFinding::MoreThanOnePiece : null,
                    $this->isNotFullDepth() ? SleeveFinding::NotFullDepth : null,
                ]),
            )
            : [];
    }
}
