<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/** What follows from the diameters of one bore: out-of-round, taper, form, size (BORE-1, BORE-2, BORE-3). */
final readonly class BoreMeasures
{
    /**
     * @param  array<string, ?Spread>  $outOfRound  By station; null without thrust and inline
     * @param  array<int|string, ?Spread>  $taper  By axis (PHP makes a number of the key “45”); null without top and bottom
     * @param  ?Reading  $largest  Of top, middle and bottom, where they are sizes; the land never counts
     * @param  ?Reading  $smallest  Of the same
     * @param  bool  $needsSize  True where a reading counts from a zero whose size is not known (GAUGE-2)
     */
    private function __construct(
        public BoreInspection $bore,
        public array $outOfRound,
        public array $taper,
        public ?Reading $largest,
        public ?Reading $smallest,
        public bool $needsSize,
    ) {
    }

    public static function of(BoreInspection $bore): self
    {
        $outOfRound = $taper = $judged = $axes = [];
        foreach (Station::JUDGED as $station) {
            $readings = $bore->atStation($station);
            $outOfRound[$station->value] = isset($readings[Axis::Thrust->value], $readings[Axis::Inline->value])
                ? Spread::across($readings)
                : null;
            foreach ($readings as $axis => $reading) {
                $judged[] = $axes[$axis][$station->value] = $reading;
            }
        }
        foreach (Axis::cases() as $axis) {
            $along = $axes[$axis->value] ?? [];
            if ($along !== [] || in_array($axis, Axis::NEEDED, true)) {
                $taper[$axis->value] = isset($along[Station::Top->value], $along[Station::Bottom->value]) ? Spread::across($along) : null;
            }
        }

        $sized = array_filter($judged, static fn (Reading $reading): bool => $reading->isSized);

        $ends = $sized === [] ? null : Spread::of($sized);

        return new self($bore, $outOfRound, $taper, $ends?->largest, $ends?->smallest, count($sized) < count($judged));
    }

    public function isRead(): bool
    {
        return $this->largest !== null || $this->needsSize;
    }

    /** Size = the largest reading (BORE-3); null where no size is read. */
    public function size(): ?Length
    {
        return $this->largest?->corrected;
    }

    /** Top less bottom; null without both. */
    public function signedTaper(Axis $axis): ?Length
    {
        $along = self::along($this->bore, $axis);

        return isset($along[Station::Top->value], $along[Station::Bottom->value]) && Spread::across($along) !== null
            ? $along[Station::Top->value]->corrected->minus($along[Station::Bottom->value]->corrected)
            : null;
    }

    /** Null without top, middle and bottom; a difference within the gauge's resolution is no form. */
    public function form(Axis $axis): ?Form
    {
        $along = self::along($this->bore, $axis);
        if ($along === [] || count($along) < count(Station::JUDGED) || Spread::across($along) === null) {
            return null;
        }
        [$top, $middle, $bottom] = array_map(static fn (Station $station): Reading => $along[$station->value], Station::JUDGED);
        $resolution = $middle->instrument->resolution;

        return match (true) {
            $middle->corrected->isLargerThan(Length::largest($top->corrected, $bottom->corrected)->plus($resolution)) => Form::Barrel,
            $middle->corrected->isSmallerThan(Length::smallest($top->corrected, $bottom->corrected)->minus($resolution)) => Form::Waist,
            default => Form::Taper,
        };
    }

    /** @return array<string, Reading> By station */
    private static function along(BoreInspection $bore, Axis $axis): array
    {
        $along = [];
        foreach (Station::JUDGED as $station) {
            $reading = $bore->reading($station, $axis);
            if ($reading !== null) {
                $along[$station->value] = $reading;
            }
        }

        return $along;
    }
}
