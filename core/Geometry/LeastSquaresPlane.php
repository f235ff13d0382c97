<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/** The plane through points that leaves the least squares, and how far the points rock against it. */
final readonly class LeastSquaresPlane
{
    private function __construct(public Tilt $tilt, public float $offset, public float $rock)
    {
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $points  Each x, y, z
     *
     * @throws GeometryException If they lie in one line
     */
    public static function through(array $points): self
    {
        $count = count($points);
        [$x, $y, $z] = array_map(static fn (int $axis): float => array_sum(array_column($points, $axis)) / $count, [0, 1, 2]);
        $xx = $xy = $yy = $xz = $yz = 0.0;
        foreach ($points as [$px, $py, $pz]) {
            $xx += ($px - $x) ** 2;
            $xy += ($px - $x) * ($py - $y);
            $yy += ($py - $y) ** 2;
            $xz += ($px - $x) * ($pz - $z);
            $yz += ($py - $y) * ($pz - $z);
        }
        $determinant = $xx * $yy - $xy ** 2;
        if ($determinant <= 1e-12 * max($xx, $yy) ** 2) {
            throw GeometryException::supportsInLine();
        }
        $tilt = new Tilt(($xz * $yy - $yz * $xy) / $determinant, ($yz * $xx - $xz * $xy) / $determinant);
        $offset = $z - $tilt->heightAt($x, $y);
        $rock = max(array_map(static fn (array $point): float => abs($point[2] - $offset - $tilt->heightAt($point[0], $point[1])), $points));

        return new self($tilt, $offset, $rock);
    }
}
