<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Running;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Engine\Specification\ValveTrain;

/** Parts that run against others and are looked at, not measured: what they show says what is replaced, and where to look next. */
enum RunningPart: string
{
    case Camshaft = 'camshaft';
    case Lifters = 'lifters';
    case Pushrods = 'pushrods';
    case Rockers = 'rockers';
    case Valves = 'valves';
    case MainShells = 'main_shells';
    case RodShells = 'rod_shells';
    case PistonSkirts = 'piston_skirts';
    case TimingDrive = 'timing_drive';

    /** @return list<self> Those of a family, in the order in which an engine is taken apart */
    public static function of(SpecificationSheet $sheet): array
    {
        $hasPushrods = $sheet->valveTrain === ValveTrain::OverheadValve || $sheet->valveTrain === ValveTrain::Mixed;
        $hasRockers = $hasPushrods || $sheet->valveTrain === ValveTrain::OverheadCam;

        return array_values(
            array_filter(
                self::cases(),
                static fn (self $part): bool => match ($part) {
                    self::Pushrods => $hasPushrods,
                    self::Rockers => $hasRockers,
                    self::Lifters => $sheet->lifters !== null,
                    default => true,
                },
            ),
        );
    }

    /** @return non-empty-list<RunningLook> That it can show */
    public function looks(): array
    {
        return [
            RunningLook::Fine,
            ...match ($this) {
                self::Camshaft, self::Lifters => [RunningLook::Worn, RunningLook::Pitted, RunningLook::Scored],
                self::Pushrods => [RunningLook::Bent, RunningLook::Worn],
                self::Rockers => [RunningLook::Worn, RunningLook::Cracked],
                self::Valves => [RunningLook::Mushroomed, RunningLook::Pitted, RunningLook::Bent],
                self::MainShells, self::RodShells => [RunningLook::ThroughToCopper, RunningLook::WornOnOneSide, RunningLook::Scored],
                self::PistonSkirts => [RunningLook::Scuffed, RunningLook::WornOnOneSide, RunningLook::Cracked],
                self::TimingDrive => [RunningLook::Slack, RunningLook::Worn],
            },
        ];
    }

    /** What is bought where it is replaced, for the whole engine; null where it comes with something else: shells, pistons. */
    public function item(): ?PriceItem
    {
        return match ($this) {
            self::Camshaft => PriceItem::Camshaft,
            self::Lifters => PriceItem::Lifters,
            self::Pushrods => PriceItem::Pushrods,
            self::Rockers => PriceItem::Rockers,
            self::Valves => PriceItem::Valves,
            self::TimingDrive => PriceItem::TimingDrive,
            self::MainShells, self::RodShells, self::PistonSkirts => null,
        };
    }
}
