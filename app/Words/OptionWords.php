<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Features\Bores\Obstacle;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Bores\Recommendation;
use NorthLedger\Core\Features\Bores\TraceStake;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says the ways of a block, and why one of them is recommended, in the trade's words; it computes nothing. */
final readonly class OptionWords
{
    public function __construct(private LengthDisplay $display, private CylinderKind $cylinders = CylinderKind::InTheBlock)
    {
    }

    /** @return list<string> What forbids an option */
    public function forbidden(ReboreOption $option): array
    {
        return [
            ...$option->wallTooThin === []
                ? []
                : [Line::of('verdict.option.wall_too_thin', ['cylinders' => VerdictWords::cylinders($option->wallTooThin)])],
            ...array_map(static fn (Obstacle $obstacle): string => Line::ofCode('verdict.obstacle', $obstacle), $option->obstacles),
        ];
    }

    /** What an option is called: “Stay at standard”, “Bore to +.030”, “Replace the block”. */
    public function option(ReboreOption $option): string
    {
        return $option->kind === OptionKind::Replace && $this->areSeparate()
            ? Line::of('verdict.option.replace_cylinders')
            : Line::ofCode('verdict.option', $option->kind, ['step' => $this->display->step($option->step)]);
    }

    public function sleeves(ReboreOption $option): string
    {
        $cylinders = ['cylinders' => VerdictWords::list($option->sleeved)];

        return match (true) {
            $option->kind === OptionKind::Replace => Line::of(
                $this->areSeparate() ? 'verdict.sleeves.new_cylinders' : 'verdict.sleeves.standard_block',
            ),
            in_array(Obstacle::CannotBeSleeved, $option->obstacles, true) => Line::of('verdict.sleeves.cannot', $cylinders),
            $option->sleeved === [] && $option->isWithNewPistons => Line::of('verdict.sleeves.new_pistons'),
            $option->sleeved === [] => Line::of($option->kind === OptionKind::Stay ? 'verdict.sleeves.hone' : 'verdict.sleeves.none'),
            $option->isWithNewPistons => Line::of('verdict.sleeves.sleeve_new_pistons', $cylinders),
            default => Line::of('verdict.sleeves.sleeve', $cylinders),
        };
    }

    /** Why the recommended option wins, and what it costs against the runner-up (BORE-11). */
    public function recommendation(Recommendation $recommendation): string
    {
        if ($recommendation->stake !== null) {
            return $this->stake($recommendation->stake);
        }
        $leavesNone = $recommendation->preference === Preference::Balanced && $recommendation->option->sizesRemaining <= 0;
        $wins = $leavesNone
            ? Line::of('verdict.recommendation.balanced_last')
            : Line::ofCode('verdict.recommendation', $recommendation->preference);
        $runnerUp = $recommendation->runnerUp;
        if ($runnerUp === null) {
            return Line::of('verdict.recommendation.alone', ['wins' => $wins]);
        }

        return Line::of('verdict.recommendation.against', [
            'wins' => $wins,
            'other' => $this->optionWithSleeves($runnerUp),
            'costs' => self::costsAgainst($recommendation->option->cost->minus($runnerUp->cost)->minor),
            'metal' => $this->metalAgainst($recommendation->option, $runnerUp),
        ]);
    }

    /** “Trace cylinder 1: 190 and one sleeve hang on it. …” (BORE-11a) */
    private function stake(TraceStake $stake): string
    {
        $sizes = abs($stake->ifHolds->sizesRemaining - $stake->ifFails->sizesRemaining);
        $atStake = [
            ...$stake->costs->minor === 0 ? [] : [VerdictWords::money($stake->costs->minor)],
            ...$stake->sleeves === 0 ? [] : [Line::counted('verdict.stake.sleeves', $stake->sleeves)],
        ];
        if ($stake->costs->minor <= 0 && $stake->sleeves <= 0) {
            $atStake[] = $sizes > 0 ? Line::counted('verdict.stake.sizes', $sizes) : Line::of('verdict.stake.metal');
        }
        $isPlural = count($atStake) > 1 || $stake->sleeves > 1 || ($stake->sleeves === 0 && $sizes > 1);

        return Line::counted('verdict.stake.trace', $isPlural ? 2 : 1, [
            'cylinders' => VerdictWords::cylinders($stake->cylinders),
            'stake' => VerdictWords::list($atStake),
            'otherwise' => Line::of('verdict.stake.otherwise', [
                'holds' => $this->optionWithSleeves($stake->ifHolds),
                'fails' => $this->optionWithSleeves($stake->ifFails),
            ]),
        ]);
    }

    private function optionWithSleeves(ReboreOption $option): string
    {
        return Line::of('verdict.option.with_sleeves', ['option' => $this->option($option), 'sleeves' => $this->sleeves($option)]);
    }

    private static function costsAgainst(int $difference): string
    {
        return match (true) {
            $difference > 0 => Line::of('verdict.recommendation.costs_more', ['money' => VerdictWords::money($difference)]),
            $difference < 0 => Line::of('verdict.recommendation.costs_less', ['money' => VerdictWords::money(-$difference)]),
            default => Line::of('verdict.recommendation.costs_same'),
        };
    }

    private function metalAgainst(ReboreOption $option, ReboreOption $runnerUp): string
    {
        $saved = $runnerUp->metalCut->minus($option->metalCut);
        if (in_array(OptionKind::Replace, [$runnerUp->kind, $option->kind], true) || $saved->isZero()) {
            return '';
        }

        return Line::of($saved->isPositive() ? 'verdict.recommendation.keeps_metal' : 'verdict.recommendation.cuts_metal', [
            'metal' => $this->display->magnitudeWithUnit($saved),
        ]);
    }

    private function areSeparate(): bool
    {
        return $this->cylinders === CylinderKind::Separate;
    }
}
