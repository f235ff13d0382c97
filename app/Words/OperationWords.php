<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Work\Caution;
use NorthLedger\Core\Work\Note;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;

/** Says an operation of the order: what it is, where, and what the hand has to know. */
final readonly class OperationWords
{
    public function __construct(private LengthDisplay $display)
    {
    }

    public static function title(Operation $operation): string
    {
        return $operation->onlyDeglazes() ? Line::of('work.deglaze') : self::kind($operation->kind);
    }

    public static function kind(OperationKind $kind): string
    {
        return Line::ofCode('work.kind', $kind);
    }

    /** “bore, cylinder 3” */
    public static function name(Operation $operation): string
    {
        $title = lcfirst(self::title($operation));

        return $operation->place === '' ? $title : Line::of('work.named', ['operation' => $title, 'place' => self::place($operation)]);
    }

    /** “cylinder 3”, “main 2”; empty where it is done once */
    public static function place(Operation $operation): string
    {
        [$number, $spot] = explode('.', $operation->place) + [1 => ''];

        return $operation->place === ''
            ? ''
            : Line::of('work.place.'.self::placeKind($operation->kind, $spot), ['number' => $number.ltrim($spot, 'inex')]);
    }

    public static function check(OperationKind $kind): string
    {
        return Line::ofCode('work.check', $kind);
    }

    public static function caution(Caution $caution): string
    {
        return Line::ofCode('work.caution', $caution);
    }

    /** What is done, and everything that is said beside it. */
    public function instruction(Operation $operation): string
    {
        return trim(implode(' ', [Line::ofCode('work.instruction', $operation->kind), ...array_map($this->note(...), $operation->notes)]));
    }

    public function note(Note $note): string
    {
        $with = array_map(fn (Length $length): string => $this->length($note->kind, $length), $note->lengths);

        return Line::ofCode('work.note', $note->kind, ['said' => Messages::said($note->said)] + $with);
    }

    /** “take 3.1 thou off”, “.010 under”; empty where there is no step */
    public function step(Operation $operation): string
    {
        $step = $operation->step;

        return match (true) {
            $step === null => '',
            in_array($operation->kind, [OperationKind::Deck, OperationKind::HeadFace], true) => Line::of('work.step.cut', [
                'step' => $this->display->magnitudeWithUnit($step),
            ]),
            in_array($operation->kind, [OperationKind::GrindMains, OperationKind::GrindRods], true) => Line::of('work.step.under', [
                'step' => ltrim($this->display->step($step), '+'),
            ]),
            default => Line::of('work.step.over', ['step' => ltrim($this->display->step($step), '+')]),
        };
    }

    /** Stock and shifts in thou or µm, sizes as sizes. */
    private function length(NoteKind $kind, Length $length): string
    {
        return match ($kind) {
            NoteKind::LeavesToHone, NoteKind::OffsetTowardWear => $this->display->magnitudeWithUnit($length),
            NoteKind::LeavesHeight => $this->display->gaugedSize($length),
            default => $this->display->sizeWithUnit($length),
        };
    }

    private static function placeKind(OperationKind $kind, string $spot): string
    {
        return match ($kind) {
            OperationKind::Deck, OperationKind::HeadFace, OperationKind::HeadWeld, OperationKind::NewHead => 'bank',
            OperationKind::GrindMains => 'main',
            OperationKind::GrindRods => 'rod_journal',
            OperationKind::Line => 'housing',
            OperationKind::Resize,
            OperationKind::Rebush,
            OperationKind::StraightenRod,
            OperationKind::LightenRod,
            OperationKind::NewRod
                => 'rod',
            OperationKind::CrackRepair, OperationKind::HeadRepair => 'crack',
            OperationKind::LifterBores => 'lifter',
            OperationKind::Guides, OperationKind::Seats, OperationKind::BlockGuides, OperationKind::BlockSeats => str_starts_with(
                $spot,
                'in',
            )
                ? 'intake'
                : 'exhaust',
            default => 'cylinder',
        };
    }
}
