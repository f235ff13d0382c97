<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** Why a crack check cannot be done like that (CRACK-1, CRACK-2). */
enum Refusal: string
{
    case NotMagnetic = 'not_magnetic';
    case SurfaceOnly = 'surface_only';
    case NothingToPressurise = 'nothing_to_pressurise';
    case TooCold = 'too_cold';
    case TooHot = 'too_hot';

    /** The reason, and the way out. */
    public function words(): string
    {
        return match ($this) {
            self::NotMagnetic => 'Particles only gather on iron and steel; this metal is not magnetic. Use dye penetrant.',
            self::SurfaceOnly =>
                'Dye finds only what is open to the surface. For a crack below it use magnetic particle on iron or steel, or send the '.
                    'part out for ultrasonic.',
            self::NothingToPressurise =>
                'This part has no jacket and no gallery that holds pressure. Use dye penetrant or magnetic particle.',
            self::TooCold => 'Below 5 °C penetrant does not creep into a crack. Bring the part into a warm room first.',
            self::TooHot => 'Above 50 °C penetrant dries in the crack. Let the part cool first.',
        };
    }
}
