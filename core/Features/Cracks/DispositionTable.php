<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Material;

/** What practice does about a crack, by material and zone (CRACK-5); what no row names is refused, not guessed. */
final readonly class DispositionTable
{
    /**
     * @param  ?bool  $grindsOut  Of a crankshaft: shallow enough to be ground out within the offered undersizes; null: nobody has said
     * @param  ?Disposition  $specified  What the family's specification says; it wins
     *
     * @throws NoDisposition If no row names that material and zone
     */
    public static function dispose(
        Material $material,
        CrackZone $zone,
        ?bool $grindsOut = null,
        ?Disposition $specified = null,
    ): Disposition {
        return $specified ??
            match (true) {
                $material === Material::Magnesium, $zone === CrackZone::Rod => Disposition::Scrap,
                $zone->isOfCrankshaft() => match ($grindsOut) {
                    null => Disposition::ScrapUnlessGroundOut,
                    true => Disposition::GrindAndCheckAgain,
                    false => Disposition::Scrap,
                },
                $material === Material::GreyIron => self::inIron($zone),
                $material === Material::Aluminium => self::inAluminium($zone),
                default => throw NoDisposition::for($material, $zone),
            };
    }

    private static function inIron(CrackZone $zone): Disposition
    {
        return match ($zone) {
            CrackZone::BoreWall => Disposition::Sleeve,
            CrackZone::OuterWaterJacket => Disposition::StitchOrWeld,
            CrackZone::ValveSeatToBore => Disposition::RepairWithSeatInsert,
            CrackZone::BetweenBores => Disposition::Specialist,
            CrackZone::MainWeb, CrackZone::Saddle, CrackZone::OilGallery => Disposition::Scrap,
            default => throw NoDisposition::for(Material::GreyIron, $zone),
        };
    }

    private static function inAluminium(CrackZone $zone): Disposition
    {
        return match ($zone) {
            CrackZone::MainWeb, CrackZone::Saddle => Disposition::Scrap,
            default => Disposition::WeldRepair,
        };
    }
}
