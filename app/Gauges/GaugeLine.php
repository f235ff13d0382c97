<?php

declare(strict_types=1);

namespace App\Gauges;

use App\Pages\CellState;
use App\Storage\Gauge;
use App\Storage\Master;
use App\Words\Labels;
use App\Words\Line;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\MassNotation;

/** A gauge or master as a row of the register. */
final readonly class GaugeLine
{
    private function __construct(
        public string $tag,
        public string $name,
        public string $kind,
        public string $range,
        public string $resolution,
        public string $calibration,
        public string $repeatability,
        public string $due,
        public CellState $dueState,
        public bool $feeds,
    ) {
    }

    public static function of(Gauge $gauge): self
    {
        $due = self::due($gauge->calibration_due, $gauge->isPastDue(), $gauge->isDueSoon());
        $scale = $gauge->scale();
        if ($scale !== null) {
            $grams = static fn (Mass $mass): string => MassNotation::grams($mass->micrograms).' g';

            return new self(
                $gauge->tag,
                $gauge->name,
                Labels::code($gauge->kind),
                Line::of('gauges.line.up_to', ['most' => $grams($scale->most)]),
                $grams($scale->resolution),
                $grams($scale->calibration),
                $grams($scale->repeatability),
                ...$due,
                feeds: false,
            );
        }
        $display = LengthDisplay::in($gauge->unit);
        $fine = static fn (int $nanometres): string => $display->fine(Length::ofNanometres($nanometres));

        return new self(
            $gauge->tag, $gauge->name, Labels::code($gauge->kind),
            $display->size(Length::ofNanometres($gauge->range_least_nm)).
                Line::of('release.range.to').
                $display->sizeWithUnit(Length::ofNanometres($gauge->range_most_nm)),
            $fine($gauge->resolution_nm), $fine($gauge->calibration_nm), $fine($gauge->repeatability_nm),
            ...$due,
            feeds: $gauge->feed_token_hash !== null,
        );
    }

    public static function ofMaster(Master $master): self
    {
        $size = $master->size();
        $range = $size === null ? Line::of('gauges.line.any_size') : LengthDisplay::in($master->unit)->sizeWithUnit($size);

        $due = self::due($master->calibration_due, $master->isPastDue(), false);

        return new self($master->tag, $master->name, 'master', $range, '', '', '', ...$due, feeds: false);
    }

    /** @return array{due: string, dueState: CellState} */
    private static function due(?Carbon $due, bool $isPast, bool $isSoon): array
    {
        return [
            'due' => match (true) {
                $due === null => Line::of('gauges.line.not_calibrated'),
                $isPast => Line::of('gauges.line.was_due', ['on' => $due->format('j M Y')]),
                default => Line::of('gauges.line.due', ['on' => $due->format('j M Y')]),
            },
            'dueState' => match (true) {
                $isPast => CellState::Out,
                $isSoon, $due === null => CellState::Close,
                default => CellState::Good,
            },
        ];
    }
}
