<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Engine\Specification\PressureTestSpec;
use NorthLedger\Core\Quantity\PressureUnit;

/** The steps of a check in their order (CRACK-2, CRACK-6, CRACK-7). */
final readonly class CheckProcedure
{
    private const SOLVENT = 'Solvent and penetrant: ventilate, no flame, gloves.';

    /** @return non-empty-list<CheckStep> */
    public static function dyePenetrant(Dwell $dwell): array
    {
        return [
            new CheckStep(
                StepKind::Clean,
                'Clean and dry',
                'Wipe the area with cleaner until the cloth stays white, then let it dry: liquid in a crack keeps the dye out.',
                self::SOLVENT,
            ),
            new CheckStep(
                StepKind::Penetrant,
                'Penetrant on',
                'Wet the whole area, and keep it wet.',
                self::SOLVENT,
                $dwell->penetrantMinutes,
            ),
            new CheckStep(
                StepKind::Wipe,
                'Wipe off',
                'Wipe with a dry cloth, then with a cloth damp with cleaner. Never spray cleaner on the part: it washes the crack out.',
                self::SOLVENT,
            ),
            new CheckStep(
                StepKind::Developer,
                'Developer on',
                'A thin even coat, so that the metal just shows through.',
                self::SOLVENT,
                $dwell->developerMinutes,
                Dwell::LATEST_READING_MINUTES,
            ),
            new CheckStep(
                StepKind::Read,
                'Read it',
                'Place every red mark on the map, and tick the crack-prone places that were looked at.',
            ),
            self::oil(),
        ];
    }

    /** @return non-empty-list<CheckStep> Cleaned and developed again, to see whether a mark comes back (CRACK-3) */
    public static function retest(Dwell $dwell): array
    {
        return [
            new CheckStep(
                StepKind::Clean,
                'Clean the mark off',
                'Wipe until nothing is left of it, with a cloth damp with cleaner; file no edge away.',
                self::SOLVENT,
            ),
            new CheckStep(
                StepKind::Developer,
                'Developer on again',
                'A thin even coat. A crack bleeds again, dirt does not.',
                self::SOLVENT,
                $dwell->developerMinutes,
                Dwell::LATEST_READING_MINUTES,
            ),
            new CheckStep(StepKind::Read, 'Read it again', 'Does the line come back, and how does it look?'),
        ];
    }

    /** @return non-empty-list<CheckStep> */
    public static function magneticParticle(bool $isWet): array
    {
        return [
            new CheckStep(StepKind::Clean, 'Clean and dry', 'Free of grease, scale and paint where it is read.'),
            new CheckStep(
                StepKind::Magnetise,
                'Magnetise, particles on',
                $isWet
                    ? 'Bathe while the current is on, along the part and then across it: a crack in line with the field stays hidden.'
                    : 'Dust lightly while the yoke is on, along and then across: a crack in line with the field stays hidden.',
                'Strong field: not with a pacemaker, no watches. Ultraviolet lamp: eyes off it.',
            ),
            new CheckStep(
                StepKind::Read,
                'Read it',
                'Place every gathered line on the map, and tick the crack-prone places that were looked at.',
            ),
            new CheckStep(StepKind::Demagnetise, 'Demagnetise', 'A crankshaft that stays magnetic collects its own swarf.'),
            self::oil(),
        ];
    }

    /** @return non-empty-list<CheckStep> */
    public static function pressureTest(PressureTestSpec $test, PressureUnit $unit): array
    {
        return [
            new CheckStep(
                StepKind::Blank,
                'Blank off and fill',
                "Plates on every opening, filled with {$test->medium}, all air bled out.",
                'Liquid, low pressure, a guard between you and the plates. Never air alone: it bursts.',
            ),
            new CheckStep(
                StepKind::Pressurise,
                'Pressurise',
                sprintf('To %s, valve shut. Look at every wall while it holds.', $unit->shown($test->kilopascals)),
                'Stand behind the guard.',
                (int) ceil($test->minutes),
            ),
            new CheckStep(StepKind::Read, 'Read the drop', 'Write down the pressure now, and place every leak on the map.'),
            new CheckStep(StepKind::Release, 'Release and drain', 'Open the valve before any plate is touched; drain and blow dry.'),
            self::oil(),
        ];
    }

    /** @return non-empty-list<CheckStep> */
    public static function sentOut(CheckMethod $method): array
    {
        return [
            new CheckStep(StepKind::SendOut, 'Send it out', "Who does the {$method->value}, and what of the part they look at."),
            new CheckStep(StepKind::Read, 'Their result', 'Write down what their report says, and place what they found on the map.'),
        ];
    }

    private static function oil(): CheckStep
    {
        return new CheckStep(StepKind::Oil, 'Oil the bare faces', 'Solvent leaves machined faces bare, and they rust by tomorrow.');
    }
}
