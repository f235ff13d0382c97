<?php

declare(strict_types=1);

namespace NorthLedger\Core\Receiving;

use NorthLedger\Core\Quantity\Length;

/** What was found of a sleeve in one bore, and what of it the customer has to decide (SLV-3). */
final readonly class SleeveSurvey
{
    /**
     * @param  ?Length  $length  Of the sleeve, or of its upper piece; null where it was not measured
     * @param  bool  $jointFelt  A joint is felt inside the ring travel
     */
    public function __construct(
        public int $cylinder,
        public SleeveKind $kind,
        public ?Length $length = null,
        public bool $jointFelt = false,
        public bool $flangeNotSeated = false,
        public bool $edgeCatchesNail = false,
    ) {
    }

    public function hasSleeve(): bool
    {
        return $this->kind !== SleeveKind::None;
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
