<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\CoreException;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;

/** A place on the crack map that cannot be. */
final class ImpossibleLocation extends \DomainException implements CoreException
{
    public static function zoneNotOnFace(CrackZone $zone, Face $face): self
    {
        $zones = implode(', ', array_column($face->zones(), 'value'));

        return new self("The {$face->value} has no {$zone->value}. Choose one of: {$zones}.");
    }

    public static function whichCylinder(CrackZone $zone): self
    {
        return new self("Which cylinder? A crack at {$zone->value} belongs to one.");
    }

    public static function offTheFace(int $x, int $y): self
    {
        return new self("The point {$x}, {$y} lies off the face. Place it between 0 and 1000 both ways.");
    }

    public static function points(int $count): self
    {
        $most = CrackLocation::MOST_POINTS;

        return new self("An indication has 1 to {$most} points; this one has {$count}.");
    }
}
