<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Record\JobFile;
use App\Storage\Said;
use App\Words\Line;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Logs\SeatTouch;
use NorthLedger\Core\Work\Operation;

/** The log of a deck: passes, what is left of the cut and of the height (DECK-3, DECK-4). */
final readonly class DeckCard extends Card
{
    /**
     * @param  string  $left  The number that matters: of the ordered cut, else what was taken
     * @param  list<array{number: int, depth: string, sum: string, seats: string, stamp: string}>  $passes
     * @param  list<array{field: string, name: string, touch: SeatTouch}>  $seats  That stand in the face, as they are now
     */
    private function __construct(
        public string $left,
        public string $lightCuts,
        public string $taken,
        public string $height,
        public string $reserve,
        public array $passes,
        public bool $isStampGone,
        public array $seats,
        public string $lowered,
    ) {
    }

    public function view(): string
    {
        return 'work.cards.deck';
    }

    public static function made(JobFile $file, Operation $operation): self
    {
        $log = FaceLogs::of($file, $operation);
        $rows = $file->record->workLogs()->rows($operation->key(), LogKind::Pass);
        $amount = static fn (?Length $length): string => $length === null ? '' : $file->display->magnitudeWithUnit($length);
        $cuts = $log->lightCutsLeft();
        $seats = FaceLogs::seats($file, $operation);

        return new self(
            $log->left() === null ? Line::of('work.deck.until_clean') : $amount($log->left()),
            $cuts === null
                ? ''
                : Line::counted('work.deck.light_cuts', $cuts, ['cut' => $file->display->magnitudeWithUnit($log->lightCut)]),
            $amount($log->taken()),
            $log->heightNow() === null ? '' : $file->display->sizeWithUnit($log->heightNow()),
            $amount($log->reserve()),
            self::passes($file, $rows),
            array_filter($rows, static fn (Said $row): bool => $row->flag('stamp_gone')) !== [],
            array_map(
                static fn (string $seat, SeatTouch $touch): array => [
                    'field' => 'seat-'.str_replace('.', '-', $seat),
                    'name' => self::seat($seat),
                    'touch' => $touch,
                ],
                array_keys($seats->touched),
                array_values($seats->touched),
            ),
            $seats->that(SeatTouch::Cut) === []
                ? ''
                : Line::of('work.deck.lowered', ['seats' => self::named($seats->that(SeatTouch::Cut))]),
        );
    }

    /** “exhaust 3” */
    private static function seat(string $seat): string
    {
        [$valve, $cylinder] = explode('.', $seat);

        return Line::of("work.deck.seat.{$valve}", ['cylinder' => $cylinder]);
    }

    /** @param  list<string>  $seats */
    private static function named(array $seats): string
    {
        return implode(', ', array_map(self::seat(...), $seats));
    }

    /** “kissed exhaust 3; cut intake 1, intake 2” */
    private static function touched(Said $pass): string
    {
        $touched = FaceLogs::touched($pass);
        $said = [];
        foreach ([SeatTouch::Kissed, SeatTouch::Cut] as $touch) {
            $seats = array_keys(array_filter($touched, static fn (SeatTouch $one): bool => $one === $touch));
            if ($seats !== []) {
                $said[] = Line::ofCode('work.deck.touch', $touch).' '.self::named($seats);
            }
        }

        return implode('; ', $said);
    }

    /**
     * @param  list<Said>  $rows
     * @return list<array{number: int, depth: string, sum: string, seats: string, stamp: string}>
     */
    private static function passes(JobFile $file, array $rows): array
    {
        $sum = Length::zero();
        $passes = [];
        foreach ($rows as $index => $row) {
            $depth = Length::ofNanometres($row->whole('depth_nm') ?? 0);
            $sum = $sum->plus($depth);
            $passes[] = [
                'number' => $index + 1,
                'depth' => $file->display->magnitudeWithUnit($depth),
                'sum' => $file->display->magnitudeWithUnit($sum),
                'seats' => implode('; ', array_filter([self::touched($row), $row->text('seats'), $row->text('remark')])),
                'stamp' => Line::of($row->flag('stamp_gone') ? 'work.deck.stamp_gone' : 'work.deck.stamp_there'),
            ];
        }

        return $passes;
    }
}
