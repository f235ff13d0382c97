<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\CellState;
use App\Record\JobFile;
use App\Storage\Said;
use App\Storage\SheetName;
use App\Words\Line;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\RingGapCheck;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/** A ring squared in the worn bore, held against the gauge: a check, never the basis of a verdict (BORE-13). */
final readonly class RingGapLine
{
    private function __construct(public string $text, public CellState $state)
    {
    }

    public static function of(Said $said, JobFile $file): self
    {
        $station = Station::from($said->text('station'));
        $length = static fn (string $key): Length => Length::ofNanometres((int) $said->whole($key));
        $readings = array_values(
            array_filter(
                array_map(
                    static fn (Axis $axis): ?Reading => $file->record
                        ->entries(SheetName::bores())
                        ->reading(BorePlace::bore((int) $said->whole('cylinder'), $station, $axis), $file->sheet, $file->policy),
                    Axis::NEEDED,
                ),
                static fn (?Reading $reading): bool => $reading !== null && $reading->isSized,
            ),
        );
        $at = ucfirst(Line::ofCode('places.station', $station));
        if ($readings === []) {
            return new self(Line::of('sheet.ring_gap.no_reading', ['at' => $at]), CellState::Missing);
        }
        // A gap is opened by the circumference, so the gauge answers with the mean of its axes.
        $gauge = Length::ofNanometres(
            Length::divideRounded(
                array_sum(array_map(static fn (Reading $one): int => $one->corrected->nanometres, $readings)),
                count($readings),
            ),
        );
        $check = RingGapCheck::of(
            $length('known_bore_nm'),
            $length('known_gap_nm'),
            $length('gap_nm'),
            $gauge,
            $readings[0]->sizeUncertainty()->expanded(),
            self::doubt(),
        );
        $display = $file->display;

        return new self(
            Line::of($check->asksWhichIsWrong ? 'sheet.ring_gap.differs' : 'sheet.ring_gap.agrees', [
                'at' => $at,
                'ring' => $display->size($check->ringDiameter),
                'gauge' => $display->size($gauge),
                'by' => $display->magnitudeWithUnit($check->difference),
            ]),
            $check->asksWhichIsWrong ? CellState::Close : CellState::Good,
        );
    }

    /** Two gaps read with feelers, on the diameter. */
    private static function doubt(): Length
    {
        $feeler = Instrument::ofKind(InstrumentKind::FeelerGauge);

        return Length::ofNanometres((int) round(Uncertainty::ofDifference($feeler)->expanded()->nanometres / M_PI));
    }
}
