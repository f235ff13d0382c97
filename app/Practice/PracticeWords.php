<?php

declare(strict_types=1);

namespace App\Practice;

use App\Words\Line;
use NorthLedger\Core\Practice\Deduction;
use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\ReadingStep;
use NorthLedger\Core\Practice\ReadingVerdict;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Practice\StepKind;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** Says what an instrument shows, step by step, and what a mistake was. */
final class PracticeWords
{
    /**
     * @param  array<string, int>  $deductions  How often, by the value of what it is for
     * @return list<array{points: string, words: string}>
     */
    public static function lost(array $deductions): array
    {
        $lost = [];
        foreach ($deductions as $code => $times) {
            $lost[] = [
                'points' => "\u{2212}".Deduction::from($code)->lostBy($times),
                'words' => Line::counted('practice.deduction.'.str_replace(' ', '_', $code), $times, ['times' => $times]),
            ];
        }

        return $lost;
    }

    public static function instrument(ReadInstrument $instrument): string
    {
        return Line::ofCode('practice.instrument', $instrument);
    }

    /** A length as the instrument shows it: “3.8127 in”, “12.37 mm”, “−1.5 thou”, “+12 hundredths” */
    public static function length(ReadInstrument $instrument, Length $length): string
    {
        if ($instrument->isAboutZero()) {
            $shown =
                $instrument->unit() === LengthUnit::Inch
                    ? sprintf('%+.1f', $length->nanometres / 25_400)
                    : sprintf($instrument === ReadInstrument::FineMetricDialBoreGauge ? '%+.1f' : '%+d', $length->nanometres / 10_000);

            return str_replace('-', '−', $shown).' '.Line::of("practice.dial.{$instrument->unit()->value}");
        }
        $unit = $instrument->unit();
        $decimals = match (true) {
            $instrument === ReadInstrument::InchVernierMicrometer => 4,
            $instrument->resolution()->nanometres === 50_000, $instrument->resolution()->nanometres === 10_000 => 2,
            default => 3,
        };
        $text = number_format($length->nanometres / $unit->nanometres(), $decimals, '.', '');

        return ($unit === LengthUnit::Inch ? (string) preg_replace('/^0(?=\.)/', '', $text) : $text)." {$unit->value}";
    }

    /** @return list<array{kind: string, says: string, amount: string}> */
    public static function steps(Exercise $exercise): array
    {
        return array_map(
            static fn (ReadingStep $step): array => [
                'kind' => self::lit($step->kind),
                'says' => self::step($exercise->instrument, $step),
                'amount' => self::length($exercise->instrument, $step->amount),
            ],
            ReadingStep::all($exercise),
        );
    }

    /** The drawing for those who do not see it: lines and numbers, not what they come to. */
    public static function description(Exercise $exercise): string
    {
        return implode(
            ' ',
            array_map(static fn (ReadingStep $step): string => self::step($exercise->instrument, $step), ReadingStep::all($exercise)),
        );
    }

    public static function mistake(ReadInstrument $instrument, ReadingVerdict $verdict): string
    {
        return Line::ofCode('practice.mistake', $verdict, [
            'line' => $instrument->barrelLine() === null ? '' : self::length($instrument, $instrument->barrelLine()),
            'turn' => $instrument->revolution() === null ? '' : self::length(ReadInstrument::DialIndicator, $instrument->revolution()),
        ]);
    }

    private static function step(ReadInstrument $instrument, ReadingStep $step): string
    {
        $covered = $instrument->readsCoveredLines() && in_array($step->kind, [StepKind::Numbered, StepKind::Line], true) ? '_covered' : '';
        $beam = $instrument->isCaliper() && $step->kind === StepKind::Line ? '_beam' : '';
        $unit = $instrument->unit();

        return Line::of('practice.step.'.str_replace(' ', '_', $step->kind->value).$covered.$beam, [
            'number' => $step->number,
            'frame' => intdiv($step->amount->nanometres, $unit->nanometres())." {$unit->value}",
            'each' => $instrument->barrelLine() === null ? '' : self::length($instrument, $instrument->barrelLine()),
        ]);
    }

    /** Which marks of the drawing light up with a step. */
    private static function lit(StepKind $kind): string
    {
        return match ($kind) {
            StepKind::LargerSide, StepKind::SmallerSide => 'hand',
            default => $kind->value,
        };
    }
}
