<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Engine\Specification\Material;

/** The ways to look for cracks (CRACK-1). */
enum CheckMethod: string
{
    case DyePenetrant = 'dye penetrant';
    case WetMagneticParticle = 'wet magnetic particle';
    case DryMagneticParticle = 'dry magnetic particle';
    case PressureTest = 'pressure test';
    case EddyCurrent = 'eddy current';
    case Ultrasonic = 'ultrasonic';

    /**
     * Whether this method can work on a part.
     *
     * @param  bool  $openToSurface  False where the crack that is looked for lies below the surface
     * @param  bool  $hasPassages  False where the part has nothing that holds pressure
     * @return ?Refusal  Null where it can
     */
    public function refusalFor(Material $material, bool $openToSurface = true, bool $hasPassages = true): ?Refusal
    {
        return match (true) {
            $this->isMagnetic() && ! in_array($material, [Material::GreyIron, Material::Steel], true) => Refusal::NotMagnetic,
            $this === self::DyePenetrant && ! $openToSurface => Refusal::SurfaceOnly,
            $this === self::PressureTest && ! $hasPassages => Refusal::NothingToPressurise,
            default => null,
        };
    }

    /** True where another shop does it and this one records the order and the result. */
    public function isSentOut(): bool
    {
        return $this === self::EddyCurrent || $this === self::Ultrasonic;
    }

    public function isMagnetic(): bool
    {
        return $this === self::WetMagneticParticle || $this === self::DryMagneticParticle;
    }

    /** True where it shows only what is open to the surface, or just below it (CRACK-4). */
    public function seesTheSurfaceOnly(): bool
    {
        return $this === self::DyePenetrant || $this->isMagnetic();
    }
}
