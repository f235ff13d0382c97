<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Geometry\GeometryException;
use NorthLedger\Core\Geometry\Height;
use NorthLedger\Core\Geometry\MinimumZone;
use NorthLedger\Core\Quantity\Length;

/** How a face is cut flat: as it sits, or shimmed level first, and what each pass touches (DECK-1, DECK-2, DECK-3). */
final readonly class FacePlan
{
    private const SUPPORTS = 4;

    /** @param  non-empty-list<Height>  $heights */
    private function __construct(private array $heights, private MinimumZone $zone, public Length $cutAsItSits)
    {
    }

    /**
     * @param  list<Height>  $heights
     *
     * @throws GeometryException If there are none
     */
    public static function of(array $heights): self
    {
        $zone = MinimumZone::of($heights);
        $all = array_column($heights, 'z');

        return new self(
            $heights === [] ? throw GeometryException::noPoints() : $heights,
            $zone,
            Length::ofNanometres($all === [] ? 0 : max($all) - min($all)),
        );
    }

    /** The flatness, which is also the cut after shimming. */
    public function flatness(): Length
    {
        return Length::ofNanometres((int) round($this->zone->width));
    }

    /**
     * The shims that level the face, exact and rounded to the shop's, and the cut that the rounded ones leave.
     *
     * @param  list<array{int, int}>  $supports  x and y of each
     *
     * @throws GeometryException If the points lie in one line, or there are not four supports, or these do
     */
    public function shims(array $supports, Length $step): Shims
    {
        $this->checkSupports($supports, $step);
        $tilted = array_map(fn (array $support): float => $this->zone->tilt->heightAt($support[0], $support[1]), $supports);
        $highest = $tilted === [] ? 0.0 : max($tilted);
        $exact = array_map(static fn (float $height): float => $highest - $height, $tilted);
        $rounded = array_map(static fn (float $shim): int => (int) round($shim / $step->nanometres) * $step->nanometres, $exact);
        $stacked = ShimStack::of($this->heights, $supports, $rounded);

        return new Shims(
            array_map(static fn (float $shim): Length => Length::ofNanometres((int) round($shim)), $exact),
            array_map(Length::ofNanometres(...), $rounded),
            $stacked->cutLength(),
            $stacked->rockLength(),
        );
    }

    /**
     * The shims to put under: over all that the shop stacks, the least cut, then the fewest steps; never more cut than with none (DECK-2).
     *
     * @param  list<array{int, int}>  $supports
     * @param  Length  $most  At one support
     *
     * @throws GeometryException As for `shims`
     */
    public function bestShims(array $supports, Length $step, Length $most): ShimStack
    {
        $this->checkSupports($supports, $step);

        return ShimStack::best($this->heights, $supports, $step, $most);
    }

    /** False where every height lies in one line: such a face has no tilt to be shimmed. */
    public function hasTilt(): bool
    {
        return ! MinimumZone::areInLine($this->heights);
    }

    /** @param  list<array{int, int}>  $supports */
    private function checkSupports(array $supports, Length $step): void
    {
        match (true) {
            count($supports) !== self::SUPPORTS => throw GeometryException::fourSupports(count($supports)),
            ! $step->isPositive() => throw GeometryException::impossible('shim_step', $step->nanometres),
            ! $this->hasTilt() => throw GeometryException::tiltNotDetermined(),
            default => null,
        };
    }

    /**
     * What a cut of that depth touches as the face sits, and how many light cuts remain after it.
     *
     * @throws GeometryException If the light cut is not above zero, or the depth below it
     */
    public function pass(Length $depth, Length $lightCut): FacePass
    {
        $lightCut->isPositive() || throw GeometryException::impossible('light_cut', $lightCut->nanometres);
        $depth->isNegative() && throw GeometryException::impossible('depth_of_cut', $depth->nanometres);
        $top = max(array_column($this->heights, 'z'));
        $touched = count(array_filter($this->heights, static fn (Height $height): bool => $top - $height->z <= $depth->nanometres));
        $left = max(0, $this->cutAsItSits->minus($depth)->nanometres);

        return new FacePass(
            $depth,
            $touched,
            $touched / count($this->heights),
            intdiv($left + $lightCut->nanometres - 1, $lightCut->nanometres),
        );
    }
}
