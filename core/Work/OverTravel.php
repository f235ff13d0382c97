<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** How far the stones of a hone leave a bore at each end, and how far they may (HONE-4). */
final readonly class OverTravel
{
    /** The share of their length that they may leave it by. */
    private const MOST_SHARE = 3;

    /**
     * @param  Length  $leaves  At each end; below zero where they do not reach it, and the ends are left as they were
     * @param  Length  $most  A third of the stones, or the room below where that is less
     */
    private function __construct(public Length $leaves, public Length $most, private Length $bore, private Length $stones)
    {
    }

    /**
     * @param  ?Length  $room  Below the bore, to whatever stands there; null where nobody measured it
     *
     * @throws PlanningException If bore, stones or stroke are not above zero, or the room is below it
     */
    public static function of(Length $bore, Length $stones, Length $stroke, ?Length $room): self
    {
        foreach (['bore_length' => $bore, 'stone_length' => $stones, 'stroke_length' => $stroke] as $what => $length) {
            $length->isPositive() || throw PlanningException::impossible($what, $length->nanometres);
        }
        $room?->isNegative() && throw PlanningException::impossible('room_below_the_bore', $room->nanometres);
        $third = Length::ofNanometres(intdiv($stones->nanometres, self::MOST_SHARE));

        return new self(
            $stroke->plus($stones)->minus($bore)->half(),
            $room === null ? $third : Length::smallest($third, $room),
            $bore,
            $stones,
        );
    }

    /** True where they leave it too far: the bore becomes a bell mouth, or they strike what stands below. */
    public function isTooFar(): bool
    {
        return $this->leaves->isLargerThan($this->most);
    }

    public function reachesTheEnds(): bool
    {
        return ! $this->leaves->isNegative();
    }

    /** The longest stroke that keeps them within it; zero or less where the stones are longer than that allows. */
    public function longestStroke(): Length
    {
        return $this->bore->minus($this->stones)->plus($this->most->times(2));
    }
}
