<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Message;

/** A place on the crack map that cannot be. */
final class ImpossibleLocation extends CoreRefusal
{
    public static function zoneNotOnFace(CrackZone $zone, Face $face): self
    {
        return new self(
            new Message('refusal.cracks.zone_not_on_face', [
                'face' => $face,
                'zone' => $zone,
                'zones' => Message::listed($face->zones()),
            ]),
        );
    }

    public static function whichCylinder(CrackZone $zone): self
    {
        return new self(new Message('refusal.cracks.which_cylinder', ['zone' => $zone]));
    }

    public static function offTheFace(int $x, int $y): self
    {
        return new self(new Message('refusal.cracks.off_the_face', ['x' => $x, 'y' => $y]));
    }

    public static function points(int $count): self
    {
        return new self(new Message('refusal.cracks.points', ['most' => CrackLocation::MOST_POINTS, 'count' => $count]));
    }
}
