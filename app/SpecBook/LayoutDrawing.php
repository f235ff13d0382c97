<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Drawings\Coordinate;
use App\Words\Line;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Engine\Specification\Layout;
use NorthLedger\Core\Engine\Specification\LayoutKind;

/** An engine from above as somebody has answered so far: cylinders with their numbers, bank by bank, and the main bearings between them. */
final readonly class LayoutDrawing
{
    private const PITCH = 62;

    private const RADIUS = 26;

    private const ROW = 84;

    private const OFFSET = 16;

    private const HALF_A_BEARING = 3.5;

    private const HALF_A_BEARING_ACROSS = 9;

    private const EDGE = 8;

    /**
     * @param  list<array{x: string, y: string, number: int}>  $cylinders
     * @param  list<string>  $mains  Where they stand along the crankshaft
     */
    private function __construct(
        public int $width,
        public int $height,
        public string $axis,
        public string $end,
        public string $mainTop,
        public int $radius,
        public array $cylinders,
        public array $mains,
        public string $said,
    ) {
    }

    /**
     * Null where the numbers do not name every cylinder once.
     *
     * @param  array<mixed>  $layout  As it stands in a document
     * @param  ?int  $mains  Null: as many as usual
     */
    public static function of(array $layout, ?int $mains): ?self
    {
        try {
            $read = Node::read('', $layout, Layout::fromNode(...));
        } catch (InvalidDocument) {
            return null;
        }
        $count = $mains ?? $read->usualMains();
        $longest = max(array_map(count(...), $read->banks));
        $offset = count($read->banks) === 2 ? self::OFFSET : 0;
        $width = ($longest + 1) * self::PITCH + $offset;
        $axis = self::ROW / 2 + (count($read->banks) === 2 ? self::ROW / 2 : 0);
        $cylinders = [];
        foreach ($read->banks as $bank => $numbers) {
            foreach ($numbers as $index => $number) {
                $cylinders[] = [
                    'x' => Coordinate::of(($index + 1) * self::PITCH + $bank * self::OFFSET),
                    'y' => Coordinate::of(self::ROW / 2 + $bank * self::ROW),
                    'number' => $number,
                ];
            }
        }

        return new self(
            (int) $width,
            self::ROW * count($read->banks),
            Coordinate::of($axis),
            Coordinate::of($width - self::EDGE),
            Coordinate::of($axis - self::HALF_A_BEARING_ACROSS),
            self::RADIUS,
            $cylinders,
            array_map(
                static fn (int $main): string => Coordinate::of(
                    (self::PITCH + $offset) / 2 + ($longest * self::PITCH * $main) / max(1, $count - 1) - self::HALF_A_BEARING,
                ),
                range(0, $count - 1),
            ),
            self::said($read, $count),
        );
    }

    private static function said(Layout $layout, int $mains): string
    {
        $numbers = implode(' / ', array_map(static fn (array $bank): string => implode(' ', $bank), $layout->banks));

        return Line::of('spec.layout_said', [
            'kind' => ucfirst($layout->kind === LayoutKind::Vee ? Line::of('spec.vee') : $layout->kind->value),
            'cylinders' => $numbers,
            'mains' => $mains,
            'pins' => $layout->usualPins(),
        ]);
    }
}
