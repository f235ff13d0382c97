<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** What can hurt someone at an operation; local codes and the shop's own rules come first. */
enum Caution: string
{
    case HotCaustic = 'Hot caustic burns: face shield and gloves. Never for aluminium or magnesium.';
    case Solvent = 'Solvent vapour: ventilate, no flame, gloves.';
    case Lifting = 'Lift the block with a hoist; nobody under the load.';
    case RotatingTool = 'Rotating tool: no gloves, no loose sleeves, guard closed.';
    case Press = 'Press: guard up, stand to the side, sleeve square before load.';
    case HotPart = 'Heated or frozen part: gloves; frozen gas needs ventilation.';

    /** @return list<self> */
    public static function of(OperationKind $kind): array
    {
        return match ($kind) {
            OperationKind::Clean => [self::HotCaustic, self::Lifting],
            OperationKind::CrackCheck => [self::Solvent],
            OperationKind::Sleeve => [self::Press, self::HotPart],
            OperationKind::Deck, OperationKind::Bore, OperationKind::Hone => [self::RotatingTool],
            OperationKind::Chamfer => [self::RotatingTool],
            OperationKind::FinalWash => [self::Lifting],
        };
    }
}
