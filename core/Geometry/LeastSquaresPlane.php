<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/** The plane through points that leaves the least squares, and how far the points rock against it. */
final readonly class LeastSquaresPlane
{
    /** Closer to one line than this share of their spread, points say nothing of a tilt across it. */
    private const IN_LINE = 1e-12;

    private function __construct(public Tilt $tilt, public float $offset, public float $rock)
    {
    }

    /**
     * @param  non-empty-list<Height>  $heights
     *
     * @throws GeometryException If they lie in one line
     */
    public static function through(array $heights): self
    {
        $tilt = self::tiltOf($heights) ?? throw GeometryException::supportsInLine();
        $left = array_map(static fn (Height $height): float => $height->z - $tilt->heightAt($height->x, $height->y), $heights);
        $offset = array_sum($left) / count($left);

        return new self($tilt, $offset, max(max($left) - $offset, $offset - min($left)));
    }

    /**
     * @param  non-empty-list<Height>  $heights
     * @return ?Tilt Null where they lie in one line
     */
    public static function tiltOf(array $heights): ?Tilt
    {
        $count = count($heights);
        $x = $y = $z = 0;
        foreach ($heights as $height) {
            $x += $height->x;
            $y += $height->y;
            $z += $height->z;
        }
        [$x, $y, $z] = [$x / $count, $y / $count, $z / $count];
        $xx = $xy = $yy = $xz = $yz = 0.0;
        foreach ($heights as $height) {
            $alongX = $height->x - $x;
            $alongY = $height->y - $y;
            $up = $height->z - $z;
            $xx += $alongX * $alongX;
            $xy += $alongX * $alongY;
            $yy += $alongY * $alongY;
            $xz += $alongX * $up;
            $yz += $alongY * $up;
        }
        $determinant = $xx * $yy - $xy * $xy;

        return $determinant <= self::IN_LINE * max($xx, $yy) ** 2
            ? null
            : new Tilt(($xz * $yy - $yz * $xy) / $determinant, ($yz * $xx - $xz * $xy) / $determinant);
    }
}
