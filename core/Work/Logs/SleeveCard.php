<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

use DateTimeImmutable;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Planning\SleeveFit;
use NorthLedger\Core\Quantity\Length;

/** One sleeve on its way into its bore: how the parent is cut for it, whether it fits, and until when it cools (SLV-1 to SLV-6). */
final readonly class SleeveCard
{
    public const COOLING_MINUTES = 60;

    /** Room to drop in, where nobody says otherwise: 0.002 in (SLV-5). */
    private const SLIP_NM = 50_800;

    /**
     * @param  ?Length  $depthOfCut  From the deck to the step; null where nobody knows the bore's length
     * @param  ?Length  $length  Of the sleeve, its longest piece; null where it was not measured
     * @param  list<Length>  $parent  The bore before pressing: top and bottom, each thrust and in line; none while it is not read
     * @param  ?DateTimeImmutable  $fittedAt  Null while it is not in
     */
    public function __construct(
        public SleeveFit $fit,
        public Length $finishStock,
        public ?Length $depthOfCut,
        public ?Length $length,
        public int $pieces,
        public array $parent,
        public ?DateTimeImmutable $fittedAt,
    ) {
    }

    public function rough(): Length
    {
        return $this->fit->roughCut($this->finishStock);
    }

    public function isShort(): bool
    {
        return $this->length !== null && $this->depthOfCut !== null && $this->length->isSmallerThan($this->depthOfCut);
    }

    /** True once every place of the parent was read and the sleeve fits at each (SLV-4). */
    public function mayBeFitted(): bool
    {
        return count($this->parent) === count(SleeveFit::placesToCheck()) &&
            array_filter($this->parent, fn (Length $size): bool => ! $this->fit->isInside($size)) === [];
    }

    /** Null while it is not in. */
    public function coolAt(): ?DateTimeImmutable
    {
        return $this->fittedAt?->modify('+'.self::COOLING_MINUTES.' minutes');
    }

    public function isCoolingAt(DateTimeImmutable $now): bool
    {
        return $this->coolAt() !== null && $now < $this->coolAt();
    }

    /**
     * How much warmer the block has to be than the sleeve for it to drop in, in °C.
     *
     * @param  float  $alpha  Of the parent metal, in 1e-6/°C
     *
     * @throws PlanningException If the expansion is not above zero
     */
    public function temperatureDifference(float $alpha): float
    {
        return $this->fit->temperatureDifference(Length::ofNanometres(self::SLIP_NM), $alpha);
    }
}
