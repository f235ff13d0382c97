<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\JudgedBore;

/** What of a bore is not read yet, from its most worn place to its least, and what is not looked at (BORE-5). */
final readonly class UnreadPlaces
{
    /** The places of one bore from the most worn to the least. */
    private const ORDER = [
        [Station::Top, Axis::Thrust],
        [Station::Top, Axis::Inline],
        [Station::Bottom, Axis::Thrust],
        [Station::Middle, Axis::Thrust],
        [Station::Bottom, Axis::Inline],
        [Station::Middle, Axis::Inline],
    ];

    /** @param  list<Station>  $stations  Where thrust and inline have to be read, by the shop's school */
    public function __construct(private array $stations)
    {
    }

    /**
     * What is read next of it; null where nothing is left.
     *
     * @param  bool  $withPiston  Without a size for the zero a piston says nothing (GAUGE-2)
     */
    public function first(JudgedBore $bore, bool $withPiston = true): ?Place
    {
        foreach ($this->order() as [$station, $axis]) {
            if ($bore->inspection->reading($station, $axis) === null) {
                return BorePlace::bore($bore->cylinder(), $station, $axis);
            }
        }

        return array_values(
            array_filter(
                $this->looks($bore),
                static fn (Place $place): bool => $withPiston || $place->feature !== BoreFeature::Piston,
            ),
        )[0] ?? null;
    }

    /**
     * Every place that is not read, worst first: the walk for an entry line that has lost its connection.
     *
     * @param  non-empty-list<JudgedBore>  $bores
     * @return list<Place>
     */
    public function walk(array $bores): array
    {
        $walk = [];
        foreach ($this->order() as [$station, $axis]) {
            foreach ($bores as $bore) {
                if ($bore->inspection->reading($station, $axis) === null) {
                    $walk[] = BorePlace::bore($bore->cylinder(), $station, $axis);
                }
            }
        }
        foreach ($bores as $bore) {
            $walk = [...$walk, ...$this->looks($bore)];
        }

        return $walk;
    }

    /** @return list<array{Station, Axis}> */
    private function order(): array
    {
        return array_values(array_filter(self::ORDER, fn (array $place): bool => in_array($place[0], $this->stations, true)));
    }

    /** @return list<Place> */
    private function looks(JudgedBore $bore): array
    {
        $cylinder = $bore->cylinder();
        $looks = $bore->inspection->looks;

        return array_values(
            array_filter([
                $looks->ridgeAtTop === null ? BorePlace::ridge($cylinder, Station::Top) : null,
                $looks->ridgeAtBottom === null ? BorePlace::ridge($cylinder, Station::Bottom) : null,
                $looks->scoring === null ? BorePlace::look(BoreFeature::Scoring, $cylinder) : null,
                $looks->pitting === null ? BorePlace::look(BoreFeature::Pitting, $cylinder) : null,
                $bore->inspection->wantsPitDepth() ? BorePlace::look(BoreFeature::PitDepth, $cylinder) : null,
                $looks->crack === null ? BorePlace::look(BoreFeature::Crack, $cylinder) : null,
                $bore->inspection->piston === null ? BorePlace::piston($cylinder) : null,
            ]),
        );
    }
}
