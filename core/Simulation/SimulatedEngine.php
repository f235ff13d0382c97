<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Quantity\Length;
use Random\Randomizer;

/**
 * An engine of known wear: most at the top across the crankshaft, less along it, least at the bottom, and every
 * cylinder worn in its own measure. For practice, demonstrations and tests.
 */
final readonly class SimulatedEngine
{
    /** Of a cylinder's wear at top thrust, in thousandths: the least and the most of each place. */
    private const SHARES = [
        'top' => ['thrust' => [1000, 1000], '45' => [620, 820], 'inline' => [400, 650], '135' => [620, 820]],
        'middle' => ['thrust' => [420, 620], '45' => [320, 470], 'inline' => [250, 400], '135' => [320, 470]],
        'bottom' => ['thrust' => [60, 180], '45' => [50, 150], 'inline' => [40, 140], '135' => [50, 150]],
        'land' => ['thrust' => [0, 20], '45' => [0, 20], 'inline' => [0, 20], '135' => [0, 20]],
    ];

    private const MICROMETRE = 1_000;

    /** How far one cylinder's wear is from the engine's, in thousandths. */
    private const LEAST_SHARE = 700;

    private const MOST_SHARE = 1_150;

    /** One engine in so many has a cylinder that is worn far more than the others. */
    private const ODD_ONE_IN = 4;

    /** One cylinder in so many is worn at the middle as much as at the top. */
    private const BARREL_ONE_IN = 10;

    private const BARREL = [850, 1_080];

    /** @param  array<string, Length>  $diameters  By place key */
    private function __construct(private array $diameters)
    {
    }

    /** @param  Length  $wear  Of a typical cylinder at top, thrust */
    public static function of(SpecificationSheet $sheet, Length $wear, Randomizer $chance): self
    {
        $cylinders = $sheet->layout->cylinders();
        $odd = $chance->getInt(1, self::ODD_ONE_IN) === 1 ? $cylinders[$chance->getInt(0, count($cylinders) - 1)] : null;
        $diameters = [];
        foreach ($cylinders as $cylinder) {
            $share = $chance->getInt(self::LEAST_SHARE, self::MOST_SHARE) * ($cylinder === $odd ? $chance->getInt(130, 220) : 100);
            $isBarrel = $chance->getInt(1, self::BARREL_ONE_IN) === 1;
            foreach (Station::cases() as $station) {
                foreach (Axis::cases() as $axis) {
                    [$least, $most] =
                        $isBarrel && $station === Station::Middle && $axis === Axis::Thrust
                            ? self::BARREL
                            : self::SHARES[$station->value][$axis->value];
                    $worn = ((($wear->nanometres * $share) / 100_000) * $chance->getInt($least, $most)) / 1_000;
                    $diameters[BorePlace::bore($cylinder, $station, $axis)->key] = $sheet->bore->nominal->plus(
                        Length::ofNanometres(self::MICROMETRE * (int) round($worn / self::MICROMETRE)),
                    );
                }
            }
        }

        return new self($diameters);
    }

    /** @throws SimulationException If that is no place of a bore of this engine */
    public function diameter(Place $place): Length
    {
        return $this->diameters[$place->key] ?? throw SimulationException::noBore($place->key);
    }
}
