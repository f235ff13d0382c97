<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

/** Where in an engine a crack lies, as the disposition of cracks knows it (CRACK-5). */
enum CrackZone: string
{
    case BoreWall = 'bore wall';
    case OuterWaterJacket = 'outer water jacket';
    case ValveSeatToBore = 'valve seat to bore';
    case BetweenBores = 'between bores on the deck';
    case MainWeb = 'main web';
    case Saddle = 'saddle';
    case OilGallery = 'oil gallery';
    case CaseWall = 'case';
    case CrankshaftJournal = 'crankshaft journal';
    case CrankshaftFillet = 'crankshaft fillet';
    case CrankshaftOilHole = 'crankshaft oil hole';
    case Rod = 'rod';

    /** True where the crack lies at one cylinder, whose number has to be known. */
    public function isAtCylinder(): bool
    {
        return $this === self::BoreWall || $this === self::ValveSeatToBore;
    }

    public function isOfCrankshaft(): bool
    {
        return in_array($this, [self::CrankshaftJournal, self::CrankshaftFillet, self::CrankshaftOilHole], true);
    }
}
