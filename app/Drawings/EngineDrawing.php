<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\CellState;
use App\Record\JobFile;
use App\Words\EnginePartName;
use App\Words\Line;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\PartVerdict;

/** The engine cut open from the side, drawn from its layout: head, bores, rods, crankshaft, each in the state of its verdict. */
final readonly class EngineDrawing
{
    public const WIDTH = 800;

    private const LEFT = 40;

    private const WIDE = 620;

    /**
     * @param  list<array{x: string, width: string, middle: string, number: int, state: CellState, pin: string, goto: string}>  $bores
     * @param  array<string, CellState>  $parts  By part
     * @param  list<array{y: int, name: string, state: CellState, word: string, key: string}>  $labels
     * @param  list<array{x: string, width: string}>  $mains
     */
    private function __construct(public array $bores, public array $parts, public array $labels, public array $mains)
    {
    }

    public static function of(JobFile $file): self
    {
        $engine = $file->engine();
        $states = array_map(
            static fn (AssessedPart $part): CellState => $part->isHere ? self::state($part->verdict) : CellState::Missing,
            $engine->parts,
        );
        $bores = $file->assessment()->bores;
        $pitch = self::WIDE / count($bores);
        $drawn = array_map(
            static fn (JudgedBore $bore, int $index): array => [
                'x' => Coordinate::of(self::LEFT + $pitch * $index + $pitch * 0.17),
                'width' => Coordinate::of($pitch * 0.66),
                'middle' => Coordinate::of(self::LEFT + $pitch * ($index + 0.5)),
                'number' => $bore->cylinder(),
                'state' => match ($bore->canStay) {
                    CanStay::Yes => CellState::Good,
                    CanStay::WithNewPiston, CanStay::HonedToClearance => CellState::Close,
                    CanStay::No => CellState::Out,
                    CanStay::NotYetKnown => CellState::Missing,
                },
                'pin' => $index % 2 === 0 ? '196' : '208',
                'goto' => "#bore-{$bore->cylinder()}",
            ],
            $bores,
            array_keys($bores),
        );
        $mains = $file->sheet->crankshaft->mains->count;
        $step = self::WIDE / ($mains - 1);

        return new self(
            $drawn,
            $states,
            self::labels($file),
            array_map(
                static fn (int $index): array => [
                    'x' => Coordinate::of(self::LEFT + $step * $index - 11),
                    'width' => '22',
                ],
                range(0, $mains - 1),
            ),
        );
    }

    public static function state(PartVerdict $verdict): CellState
    {
        return match ($verdict) {
            PartVerdict::Serviceable => CellState::Good,
            PartVerdict::Recondition => CellState::Close,
            PartVerdict::Repair, PartVerdict::Scrap => CellState::Out,
            PartVerdict::NotYetKnown => CellState::Missing,
        };
    }

    /** @return list<array{y: int, name: string, state: CellState, word: string, key: string}> */
    private static function labels(JobFile $file): array
    {
        $labels = [];
        $at = [
            EnginePart::Head->value => 30,
            EnginePart::Cylinders->value => 78,
            EnginePart::Block->value => 112,
            EnginePart::Rods->value => 164,
            EnginePart::Crankshaft->value => 206,
        ];
        foreach ($file->engine()->parts as $key => $part) {
            $labels[] = [
                'y' => $at[$key],
                'name' => ucfirst(EnginePartName::of($file->sheet, $part->part)),
                'state' => $part->isHere ? self::state($part->verdict) : CellState::Missing,
                'word' => $part->isHere ? $part->verdict->value : Line::of('drawing.not_here'),
                'key' => $key,
            ];
        }

        return $labels;
    }
}
