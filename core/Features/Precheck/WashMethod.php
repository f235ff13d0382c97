<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Precheck;

use NorthLedger\Core\Engine\Specification\Material;

/** How a part is washed, and which metals that spares. */
enum WashMethod: string
{
    case HotCausticTank = 'hot caustic tank';
    case JetWasher = 'jet washer, mild detergent';
    case SolventTank = 'solvent tank';
    case ByHand = 'by hand, brush and detergent';
    case SodaBlast = 'soda blast';
    case GritBlast = 'grit or bead blast';

    /** @return ?string Why it may not be used on that metal, and what instead; null where it may */
    public function refusalFor(Material $material): ?string
    {
        $isLight = $material === Material::Aluminium || $material === Material::Magnesium;

        return match (true) {
            $this === self::HotCausticTank && $isLight =>
                "Caustic eats {$material->value}: the part comes out pitted and its seats loose. Use the jet washer with mild detergent, ".
                    'or the solvent tank.',
            $this === self::GritBlast && $material === Material::Magnesium =>
                'Grit stays in the galleries of a case and comes out into the bearings, and it smears cracks shut. Use the solvent tank '.
                    'or wash by hand.',
            default => null,
        };
    }

    public function shortName(): string
    {
        return match ($this) {
            self::HotCausticTank => 'caustic tank',
            self::JetWasher => 'jet washer',
            self::SolventTank => 'solvent tank',
            self::ByHand => 'by hand',
            self::SodaBlast => 'soda blast',
            self::GritBlast => 'grit or beads',
        };
    }

    public function caution(): string
    {
        return match ($this) {
            self::HotCausticTank => 'Hot caustic burns: face shield, apron, gloves.',
            self::SolventTank => 'Solvent vapour: ventilate, no flame, gloves.',
            self::SodaBlast, self::GritBlast => 'Dust mask; every passage plugged, and flushed afterwards.',
            self::JetWasher => 'Hot water under pressure: lid shut, gloves.',
            self::ByHand => 'Gloves.',
        };
    }
}
