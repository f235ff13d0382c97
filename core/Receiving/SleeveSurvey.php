<?php

declare(strict_types=1);

namespace NorthLedger\Core\Receiving;

use NorthLedger\Core\Cracks\CustomerAnswer;
use NorthLedger\Core\Quantity\Length;

/** What was found of a sleeve in one bore, and what of it the customer has to decide (SLV-3). */
final readonly class SleeveSurvey
{
    /**
     * @param  ?Length  $length  Of the sleeve, or of its upper piece; null where it was not measured
     * @param  bool  $jointFelt  A joint is felt inside the ring travel
     * @param  ?CustomerAnswer  $answer  Accepted: it stays as it is, a concession; declined: it comes out; null: nobody asked yet
     */
    public function __construct(
        public int $cylinder,
        public SleeveKind $kind,
        public ?Length $length = null,
        public bool $jointFelt = false,
        public bool $flangeNotSeated = false,
        public bool $edgeCatchesNail = false,
        public ?CustomerAnswer $answer = null,
    ) {
    }

    public function hasSleeve(): bool
    {
        return $this->kind !== SleeveKind::None;
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
        return $this->hasSleeve() ? array_values(array_filter([
            $this->edgeCatchesNail ? SleeveFinding::EdgeCatchesNail : null,
            $this->kind === SleeveKind::Flanged && $this->flangeNotSeated ? SleeveFinding::FlangeNotSeated : null,
            $this->jointFelt ? SleeveFinding::JointInRingTravel : null,
            $this->kind === SleeveKind::TwoPieces ? SleeveFinding::MoreThanOnePiece : null,
            $this->kind === SleeveKind::Short ? SleeveFinding::NotFullDepth : null,
        ])) : [];
    }
}
