<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Housings\HousingPlaces;
use NorthLedger\Core\Features\Rods\RodPlaces;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Quantity\Length;

/** What a hand writes down at a machine beside that it is done: the wheel, the finish, what was pressed, reamed, cut (WORK-2). */
enum WorkField: string
{
    case WheelRadius = 'wheel_radius';
    case RaBefore = 'ra_before';
    case RaAfter = 'ra_after';
    case Pressed = 'pressed';
    case ReamedTo = 'reamed_to';
    case SeatWidth = 'seat_width';
    case SeatDepth = 'seat_depth';
    case Taken = 'taken';
    case FirstSize = 'size_1';
    case SecondSize = 'size_2';
    case ThirdSize = 'size_3';
    case FourthSize = 'size_4';

    private const SIZES = [self::FirstSize, self::SecondSize, self::ThirdSize, self::FourthSize];

    /** @return list<self> None where nothing is written down but that it was done */
    public static function of(OperationKind $kind): array
    {
        return match ($kind) {
            OperationKind::GrindMains, OperationKind::GrindRods => [self::WheelRadius],
            OperationKind::Polish => [self::RaBefore, self::RaAfter],
            OperationKind::Guides, OperationKind::BlockGuides => [self::Pressed, self::ReamedTo],
            OperationKind::Seats, OperationKind::BlockSeats => [self::SeatWidth, self::SeatDepth],
            OperationKind::HeadFace => [self::Taken],
            OperationKind::Line, OperationKind::Resize => self::SIZES,
            default => [],
        };
    }

    public function measurand(): Measurand
    {
        return match ($this) {
            self::RaBefore, self::RaAfter => Measurand::Roughness,
            self::Pressed, self::SeatDepth, self::Taken => Measurand::Distance,
            default => Measurand::Size,
        };
    }

    /**
     * What it has to be between.
     *
     * @return ?array{int, int} In nanometres, least and most; null where nobody says, or everything is right
     */
    public function wanted(Operation $operation, SpecificationSheet $sheet): ?array
    {
        return match ($this) {
            self::WheelRadius => self::noted($operation, NoteKind::WheelForFillet),
            self::RaAfter => [$sheet->crankshaft->smoothest->nanometres, $sheet->crankshaft->roughest->nanometres],
            self::SeatWidth => self::noted($operation, NoteKind::SeatWidth),
            self::FirstSize, self::SecondSize, self::ThirdSize, self::FourthSize => $operation->target === null
                ? null
                : [$operation->target->least->nanometres, $operation->target->most->nanometres],
            default => null,
        };
    }

    /** Where a size is read, as the sheet calls the place: `90`, `front.0`; empty for what has no place (LINE-1, ROD-1). */
    public function spot(Operation $operation, SpecificationSheet $sheet): string
    {
        $index = array_search($this, self::SIZES, true);
        if ($index === false) {
            return '';
        }
        $spots =
            $operation->kind === OperationKind::Line
                ? array_map(strval(...), HousingPlaces::directions($sheet->housings, (int) $operation->place))
                : RodPlaces::BIG_END;

        return $spots[$index];
    }

    public function isOut(int $nanometres, Operation $operation, SpecificationSheet $sheet): bool
    {
        $wanted = $this->wanted($operation, $sheet);

        return $wanted !== null && ($nanometres < $wanted[0] || $nanometres > $wanted[1]);
    }

    /** @return ?array{int, int} */
    private static function noted(Operation $operation, NoteKind $kind): ?array
    {
        foreach ($operation->notes as $note) {
            if ($note->kind === $kind && count($note->lengths) === 2) {
                return array_map(static fn (Length $length): int => $length->nanometres, [$note->lengths[0], $note->lengths[1]]);
            }
        }

        return null;
    }
}
