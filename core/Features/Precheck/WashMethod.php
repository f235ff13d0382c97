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

    /** Why it may not be used on that metal; null where it may. */
    public function refusalFor(Material $material): ?WashRefusal
    {
        $isLight = $material === Material::Aluminium || $material === Material::Magnesium;

        return match (true) {
            $this === self::HotCausticTank && $isLight => WashRefusal::CausticEatsLightMetal,
            $this === self::GritBlast && $material === Material::Magnesium => WashRefusal::GritStays,
            default => null,
        };
    }
}
