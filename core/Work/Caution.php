<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/**
 * What can hurt someone at an operation; local codes and the shop's own rules come first. The value is its identity; what people read of it
 * stands in `lang/`.
 */
enum Caution: string
{
    case HotCaustic = 'hot_caustic';
    case Solvent = 'solvent';
    case Lifting = 'lifting';
    case RotatingTool = 'rotating_tool';
    case GrindingWheel = 'grinding_wheel';
    case Press = 'press';
    case HotPart = 'hot_part';
    case Welding = 'welding';

    /** @return list<self> */
    public static function of(OperationKind $kind): array
    {
        return match ($kind->machine()) {
            Machine::WashTank => [self::HotCaustic, self::Lifting],
            Machine::WeldingBench => [self::Welding],
            Machine::CrankGrinder => [self::GrindingWheel, self::Lifting],
            Machine::Press => [self::Press],
            Machine::BoringMill => $kind === OperationKind::Sleeve
                ? [self::Press, self::HotPart, self::RotatingTool]
                : [self::RotatingTool],
            Machine::SeatMachine => in_array($kind, [OperationKind::Guides, OperationKind::BlockGuides], true)
                ? [self::Press, self::HotPart]
                : [self::RotatingTool],
            Machine::Surfacer, Machine::LineBar, Machine::Hone, Machine::RodHone, Machine::Polisher, Machine::Balancer => [
                self::RotatingTool,
            ],
            Machine::Desk => [],
            Machine::Bench => match ($kind) {
                OperationKind::CrackCheck,
                OperationKind::CrankCrackCheck,
                OperationKind::CrankRecheck,
                OperationKind::RodCrackCheck,
                OperationKind::HeadCrackCheck
                    => [self::Solvent],
                OperationKind::Deburr, OperationKind::StrokeClearance, OperationKind::Threads => [self::RotatingTool],
                default => [],
            },
        };
    }
}
