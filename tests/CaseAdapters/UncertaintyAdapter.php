<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\LimitKind;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;

final class UncertaintyAdapter implements Adapter
{
    public function run(Given $given): array
    {
        $isSize = match ($given->text('quantity')) {
            'size' => true,
            'difference' => false,
            default => throw Refusal::withCode('unknown_word'),
        };
        $repeats = $given->has('repeats_nm') ? $given->lengths('repeats_nm') : [];
        try {
            $instrument = Instrument::of(
                $given->length('resolution_nm'),
                $isSize || $given->has('calibration_nm') ? $given->length('calibration_nm') : Length::zero(),
                count($repeats) >= 3 && ! $given->has('repeatability_nm') ? Length::zero() : $given->length('repeatability_nm'),
            );
            [$corrected, $uncertainty] = $isSize
                ? $this->size($given, $instrument, $repeats)
                : [$given->length('value_nm'), Uncertainty::ofDifference($instrument, $repeats)];
        } catch (GaugingException) {
            throw Refusal::withCode('bad_value');
        }

        return [
            'corrected_nm' => $corrected->nanometres,
            'u_nm' => (int) round($uncertainty->standard),
            'expanded_nm' => $uncertainty->expanded()->nanometres,
        ] + ($given->has('limit_nm') ? $this->decision($given, $corrected, $uncertainty) : []);
    }

    /**
     * @param  list<Length>  $repeats
     * @return array{Length, Uncertainty}
     */
    private function size(Given $given, Instrument $instrument, array $repeats): array
    {
        $temperatures = Temperatures::of(
            $given->number('part_alpha'),
            $given->has('part_temp_c') && $given->has('master_temp_c') ? $given->number('master_alpha') : 0.0,
            $given->has('part_temp_c') ? $given->number('part_temp_c') : null,
            $given->has('master_temp_c') ? $given->number('master_temp_c') : null,
        );
        $corrected = $temperatures->correct($given->size('value_nm'));

        return [$corrected, Uncertainty::ofSize($corrected, $instrument, $temperatures, $repeats)];
    }

    /** @return array<string, mixed> */
    private function decision(Given $given, Length $value, Uncertainty $uncertainty): array
    {
        $rule = $given->word('rule', DecisionRule::class);
        $decision = $rule->decide($value, $given->length('limit_nm'), $given->word('limit_kind', LimitKind::class), $uncertainty);

        return ['margin_nm' => $decision->margin->nanometres, 'decision' => $decision->conformity->value] +
            ($rule === DecisionRule::Simple ? ['close_call' => $decision->isCloseCall] : []);
    }
}
