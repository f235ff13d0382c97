<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Message;

/** Where on the crack map an indication lies: a spot, or a line or area of several points. */
final readonly class CrackLocation
{
    public const MOST_POINTS = 12;

    /**
     * @param  non-empty-list<array{int, int}>  $points  Each x and y in thousandths of the face's width and height
     * @param  ?int  $cylinder  Known where the zone is at a cylinder
     */
    private function __construct(public Face $face, public CrackZone $zone, public ?int $cylinder, public array $points)
    {
    }

    /**
     * @param  list<array{int, int}>  $points
     *
     * @throws ImpossibleLocation If the face has no such zone, the cylinder is not said, or a point is off the face
     */
    public static function on(Face $face, CrackZone $zone, ?int $cylinder, array $points): self
    {
        foreach ($points as [$x, $y]) {
            if (min($x, $y) < 0 || max($x, $y) > PronePlace::SIDE) {
                throw ImpossibleLocation::offTheFace($x, $y);
            }
        }

        return match (true) {
            ! in_array($zone, $face->zones(), true) => throw ImpossibleLocation::zoneNotOnFace($zone, $face),
            $zone->isAtCylinder() && $cylinder === null => throw ImpossibleLocation::whichCylinder($zone),
            $points === [], count($points) > self::MOST_POINTS => throw ImpossibleLocation::points(count($points)),
            default => new self($face, $zone, $cylinder, $points),
        };
    }

    public function part(): EnginePart
    {
        return $this->face->part();
    }

    /** As an order and a plan keep it: codes, one after the other. */
    public function key(): string
    {
        return "{$this->face->value}, {$this->zone->value}".($this->cylinder === null ? '' : ", cylinder {$this->cylinder}");
    }

    /** “deck, valve seat to bore, cylinder 2” */
    public function message(): Message
    {
        $where = ['face' => $this->face, 'zone' => $this->zone];

        return $this->cylinder === null
            ? new Message('cracks.where.on_face', $where)
            : new Message('cracks.where.at_cylinder', $where + ['cylinder' => $this->cylinder]);
    }
}
