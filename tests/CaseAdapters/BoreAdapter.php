<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Specification\BoreLimits;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreJudge;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\CrackLook;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\Pistons;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Features\Bores\ScoringLook;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

final class BoreAdapter implements Adapter
{
    private const CYLINDER = 1;

    public function run(Given $given): array
    {
        $limits = $given->part('limits');
        $judge = new BoreJudge(
            $given->size('nominal_nm'),
            array_map(
                static fn (Length $step): Length => $step->isPositive() ? $step : throw Refusal::withCode('bad_value'),
                $given->has('oversizes_nm') ? $given->lengths('oversizes_nm') : [],
            ),
            new BoreLimits($limits->allowance('out_of_round_nm'), $limits->allowance('taper_nm'), $limits->allowance('clearance_nm')),
            $given->has('step_tolerance_nm') ? $given->allowance('step_tolerance_nm') : Length::ofNanometres(101_600),
            $given->has('declared_step_nm') ? $given->length('declared_step_nm') : null,
            Pistons::sized(
                $given->has('new_piston_nm') ? $given->size('new_piston_nm') : null,
                $this->leastClearance($limits),
                $given->has('most_hone_nm') ? $given->allowance('most_hone_nm') : Length::ofNanometres(76_200),
            ),
            $given->has('pitting_allowed_class') ? $given->whole('pitting_allowed_class') : 2,
        );

        return $this->answer($judge->judge($this->inspection($given)), $limits->has('clearance_min_nm'));
    }

    private function leastClearance(Given $limits): ?Length
    {
        if (! $limits->has('clearance_min_nm')) {
            return null;
        }
        $least = $limits->allowance('clearance_min_nm');

        return $least->isLargerThan($limits->allowance('clearance_nm')) ? throw Refusal::withCode('bad_value') : $least;
    }

    private function inspection(Given $given): BoreInspection
    {
        try {
            $instrument = Instrument::of($given->length('resolution_nm'), Length::zero(), Length::zero());
            $at20 = Temperatures::of(0, 0, null, null);
            $readings = array_map(
                static fn (Given $one): Reading => Reading::of(
                    BorePlace::bore(self::CYLINDER, $one->word('station', Station::class), $one->word('axis', Axis::class)),
                    [$one->length('diameter_nm')],
                    $instrument,
                    $at20,
                ),
                $given->has('readings') ? $given->parts('readings') : [],
            );
            $piston = $given->has('piston_nm')
                ? Reading::of(BorePlace::piston(self::CYLINDER), [$given->length('piston_nm')], $instrument, $at20)
                : null;
        } catch (GaugingException) {
            throw Refusal::withCode('bad_value');
        }

        return BoreInspection::of(self::CYLINDER, $readings, $piston, $this->looks($given));
    }

    private function looks(Given $given): BoreLooks
    {
        $ridge = $given->has('ridge') ? $given->part('ridge') : new Given([]);

        return new BoreLooks(
            $given->has('cracked') ? ($given->flag('cracked') ? CrackLook::Crack : CrackLook::NoneSeen) : null,
            $ridge->has('top') ? $ridge->word('top', RidgeLook::class) : null,
            $ridge->has('bottom') ? $ridge->word('bottom', RidgeLook::class) : null,
            $given->has('scoring') ? $given->word('scoring', ScoringLook::class) : null,
            $given->has('pitting_class')
                ? PittingClass::tryFrom($given->whole('pitting_class')) ?? throw Refusal::withCode('bad_value')
                : null,
            $given->flag('concession_signed'),
        );
    }

    /** @return array<string, mixed> */
    private function answer(JudgedBore $bore, bool $hasLeast): array
    {
        $findings = $hasLeast ? $bore->findings : array_diff_key($bore->findings, [Criterion::LeastClearance->value => true]);
        $axes = array_keys($bore->measures->taper);
        $byAxis = static fn (callable $of): array => array_combine(
            $axes,
            array_map(static fn (int|string $axis): mixed => $of(Axis::from((string) $axis)), $axes),
        );

        return [
            'out_of_round_nm' => array_map(static fn (?Spread $spread): ?int => $spread?->value()->nanometres, $bore->measures->outOfRound),
            'taper_nm' => array_map(static fn (?Spread $spread): ?int => $spread?->value()->nanometres, $bore->measures->taper),
            'signed_taper_nm' => $byAxis(static fn (Axis $axis): ?int => $bore->measures->signedTaper($axis)?->nanometres),
            'form' => $byAxis(static fn (Axis $axis): ?string => $bore->measures->form($axis)?->value),
            'size_nm' => $bore->measures->size()?->nanometres,
            'current_step_nm' => $bore->step->value?->nanometres,
            'step_source' => $bore->step->source->value,
            'wear_nm' => $bore->wear?->nanometres,
            'clearance_nm' => $bore->clearance?->nanometres,
            'criteria' => array_map($this->criterion(...), $findings),
            'can_stay' => $bore->canStay->value,
        ] +
            ($bore->newPiston === null
                ? []
                : [
                    'new_piston' => [
                        'result' => $bore->newPiston->outcome->value,
                        'clearance_nm' => $bore->newPiston->clearance?->nanometres,
                        'clearance_min_nm' => $bore->newPiston->least?->nanometres,
                    ],
                ]);
    }

    /** @return array<string, mixed> */
    private function criterion(Finding $finding): array
    {
        $isMeasured = in_array(
            $finding->criterion,
            [Criterion::OutOfRound, Criterion::Taper, Criterion::Clearance, Criterion::LeastClearance],
            true,
        );

        return ['result' => $finding->outcome->value] +
            ($isMeasured
                ? [
                    'value_nm' => $finding->value?->value,
                    'limit_nm' => $finding->limits?->tolerance()->nanometres,
                    'margin_nm' => $finding->margin?->value,
                ]
                : []);
    }
}
