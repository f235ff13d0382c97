<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** One thing that is looked at when an instrument is read, and what it is worth; all of them together are the reading (PRAC-1). */
final readonly class ReadingStep
{
    /**
     * @param  StepKind  $kind  What is looked at
     * @param  int  $number  What stands there: the number, how many lines, the division
     * @param  Length  $amount  What that is worth, with its sign
     */
    public function __construct(public StepKind $kind, public int $number, public Length $amount)
    {
    }

    /** @return non-empty-list<self> In the order in which the instrument is read */
    public static function all(Exercise $exercise): array
    {
        $instrument = $exercise->instrument;

        return match (true) {
            $instrument === ReadInstrument::FeelerStack => self::blades($exercise),
            $instrument->isAboutZero() => self::aboutZero($exercise),
            $instrument->hasDial() => self::onDial($exercise),
            $instrument->isCaliper() => self::onBeam($exercise),
            default => self::onBarrel($exercise),
        };
    }

    /** @return non-empty-list<self> */
    private static function onBarrel(Exercise $exercise): array
    {
        $instrument = $exercise->instrument;
        $line = $instrument->barrelLine()->nanometres ?? 1;
        $each = $instrument->unit() === LengthUnit::Inch ? 4 : 10;
        $lines = intdiv($exercise->shown->nanometres, $line);
        $rest = $exercise->shown->nanometres % $line;
        $division = $instrument->thimbleDivision()->nanometres ?? $instrument->resolution()->nanometres;
        $numbered = $lines - ($lines % $each);
        $steps = [
            new self(
                StepKind::Numbered,
                $each === 4 ? intdiv($numbered, 4) : intdiv($numbered, 2),
                Length::ofNanometres($numbered * $line),
            ),
            new self(StepKind::Line, $lines % $each, Length::ofNanometres(($lines % $each) * $line)),
            new self(StepKind::Thimble, intdiv($rest, $division), Length::ofNanometres($rest - ($rest % $division))),
        ];
        if ($instrument->thimbleDivision() !== null) {
            $steps[] = new self(StepKind::Vernier, intdiv(10 * ($rest % $division), $division), Length::ofNanometres($rest % $division));
        }

        return $exercise->frame->isZero() ? $steps : [new self(StepKind::Frame, 0, $exercise->frame), ...$steps];
    }

    /** @return non-empty-list<self> */
    private static function onBeam(Exercise $exercise): array
    {
        $line = $exercise->instrument->barrelLine()->nanometres ?? 1;
        $rest = $exercise->shown->nanometres % $line;

        return [
            new self(
                StepKind::Line,
                intdiv($exercise->shown->nanometres, $line),
                Length::ofNanometres($exercise->shown->nanometres - $rest),
            ),
            new self(StepKind::Vernier, intdiv($rest, $exercise->instrument->resolution()->nanometres), Length::ofNanometres($rest)),
        ];
    }

    /** @return non-empty-list<self> */
    private static function aboutZero(Exercise $exercise): array
    {
        $divisions = intdiv($exercise->shown->absolute()->nanometres, $exercise->instrument->resolution()->nanometres);

        return [new self($exercise->shown->isNegative() ? StepKind::SmallerSide : StepKind::LargerSide, $divisions, $exercise->shown)];
    }

    /** @return non-empty-list<self> */
    private static function onDial(Exercise $exercise): array
    {
        $turn = $exercise->instrument->revolution()->nanometres ?? 1;
        $rest = $exercise->shown->nanometres % $turn;

        return [
            new self(
                StepKind::Turns,
                intdiv($exercise->shown->nanometres, $turn),
                Length::ofNanometres($exercise->shown->nanometres - $rest),
            ),
            new self(StepKind::Hand, intdiv($rest, $exercise->instrument->resolution()->nanometres), Length::ofNanometres($rest)),
        ];
    }

    /** @return non-empty-list<self> */
    private static function blades(Exercise $exercise): array
    {
        $steps = [];
        foreach ($exercise->blades as $blade) {
            $steps[] = new self(StepKind::Blades, intdiv($blade->nanometres, 25_400), $blade);
        }

        return $steps === [] ? [new self(StepKind::Blades, 0, Length::zero())] : $steps;
    }
}
