<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
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

    /** @return list<self> None where nothing is written down but that it was done */
    public static function of(OperationKind $kind): array
    {
        return match ($kind) {
            OperationKind::GrindMains, OperationKind::GrindRods => [self::WheelRadius],
            OperationKind::Polish => [self::RaBefore, self::RaAfter],
            OperationKind::Guides, OperationKind::BlockGuides => [self::Pressed, self::ReamedTo],
            OperationKind::Seats, OperationKind::BlockSeats => [self::SeatWidth, self::SeatDepth],
            OperationKind::HeadFace => [self::Taken],
            default => [],
        };
    }

    public function measurand(): Measurand
    {
        return match ($this) {
            self::RaBefore, self::RaAfter => Measurand::Roughness,
            self::WheelRadius, self::ReamedTo, self::SeatWidth => Measurand::Size,
            default => Measurand::Distance,
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
            default => null,
        };
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
