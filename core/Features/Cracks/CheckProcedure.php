<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Engine\Specification\PressureTestSpec;
use NorthLedger\Core\Quantity\PressureUnit;

/** The steps of a check in their order (CRACK-2, CRACK-6, CRACK-7). */
final readonly class CheckProcedure
{
    /** @return non-empty-list<CheckStep> */
    public static function dyePenetrant(Dwell $dwell): array
    {
        return [
            new CheckStep(StepKind::Clean, 'clean', CheckCaution::Solvent),
            new CheckStep(StepKind::Penetrant, 'penetrant', CheckCaution::Solvent, $dwell->penetrantMinutes),
            new CheckStep(StepKind::Wipe, 'wipe', CheckCaution::Solvent),
            self::developer('developer', $dwell),
            new CheckStep(StepKind::Read, 'read_dye'),
            self::oil(),
        ];
    }

    /** @return non-empty-list<CheckStep> Cleaned and developed again, to see whether a mark comes back (CRACK-3) */
    public static function retest(Dwell $dwell): array
    {
        return [
            new CheckStep(StepKind::Clean, 'clean_mark', CheckCaution::Solvent),
            self::developer('developer_again', $dwell),
            new CheckStep(StepKind::Read, 'read_again'),
        ];
    }

    /** @return non-empty-list<CheckStep> */
    public static function magneticParticle(bool $isWet): array
    {
        return [
            new CheckStep(StepKind::Clean, 'clean_for_particles'),
            new CheckStep(StepKind::Magnetise, $isWet ? 'magnetise_wet' : 'magnetise_dry', CheckCaution::StrongField),
            new CheckStep(StepKind::Read, 'read_particles'),
            new CheckStep(StepKind::Demagnetise, 'demagnetise'),
            self::oil(),
        ];
    }

    /** @return non-empty-list<CheckStep> */
    public static function pressureTest(PressureTestSpec $test, PressureUnit $unit): array
    {
        return [
            new CheckStep(StepKind::Blank, 'blank', CheckCaution::Pressure, with: ['medium' => $test->medium]),
            new CheckStep(
                StepKind::Pressurise,
                'pressurise',
                CheckCaution::Guard,
                (int) ceil($test->minutes),
                with: ['pressure' => $unit->shown($test->kilopascals)],
            ),
            new CheckStep(StepKind::Read, 'read_drop'),
            new CheckStep(StepKind::Release, 'release'),
            self::oil(),
        ];
    }

    /** @return non-empty-list<CheckStep> */
    public static function sentOut(CheckMethod $method): array
    {
        return [
            new CheckStep(StepKind::SendOut, 'send_out', with: ['method' => $method->value]),
            new CheckStep(StepKind::Read, 'read_report'),
        ];
    }

    private static function developer(string $code, Dwell $dwell): CheckStep
    {
        return new CheckStep(
            StepKind::Developer,
            $code,
            CheckCaution::Solvent,
            $dwell->developerMinutes,
            Dwell::LATEST_READING_MINUTES,
        );
    }

    private static function oil(): CheckStep
    {
        return new CheckStep(StepKind::Oil, 'oil');
    }
}
