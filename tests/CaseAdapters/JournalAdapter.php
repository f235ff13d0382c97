<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Engine\Policy\GrindAim;
use NorthLedger\Core\Features\Crankshaft\GrindPlan;
use NorthLedger\Core\Features\Crankshaft\JournalException;
use NorthLedger\Core\Features\Crankshaft\JournalGroup;
use NorthLedger\Core\Features\Crankshaft\JournalInspection;
use NorthLedger\Core\Features\Crankshaft\JournalJudge;
use NorthLedger\Core\Features\Crankshaft\JournalLimits;
use NorthLedger\Core\Features\Crankshaft\JournalReading;
use NorthLedger\Core\Features\Crankshaft\JudgedJournal;
use NorthLedger\Core\Features\Crankshaft\OilClearance;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Roughness;

final class JournalAdapter implements Adapter
{
    private const DEFAULT_STOCK = 50_800;

    private const DEFAULT_RUNOUT = 25_400;

    public function run(Given $given): array
    {
        return match ($given->text('task')) {
            'grind' => $this->grind($given),
            'clearance' => $this->clearance($given),
            default => throw Refusal::withCode('unknown_word'),
        };
    }

    /** @return array<string, mixed> */
    private function grind(Given $given): array
    {
        $undersizes = array_map(
            static fn (Length $undersize): Length => $undersize->isPositive() ? $undersize : throw Refusal::withCode('bad_value'),
            $given->lengths('undersizes_nm'),
        );
        $inspections = array_map($this->inspection(...), $given->parts('journals'));
        $judged = array_map(
            fn (JournalInspection $journal): JudgedJournal => $this->judge($given, $journal->group, $undersizes)->judge($journal),
            $inspections,
        );
        $answer = ['journals' => array_map(self::journal(...), $judged), 'groups' => []];
        foreach (JournalGroup::cases() as $group) {
            $members = array_values(
                array_filter($judged, static fn (JudgedJournal $journal): bool => $journal->inspection->group === $group),
            );
            if ($members !== []) {
                $answer['groups'][$group->value] = $this->plan($given, $group, $members, $undersizes);
            }
        }
        foreach (['centre_main', 'snout'] as $place) {
            if ($given->has("runout_{$place}_tir_nm")) {
                $answer["bend_{$place}_nm"] = $given->allowance("runout_{$place}_tir_nm")->half()->nanometres;
            }
        }

        return $answer;
    }

    private function inspection(Given $journal): JournalInspection
    {
        try {
            return JournalInspection::of(
                $journal->text('name'),
                $journal->word('group', JournalGroup::class),
                array_map(
                    static fn (Given $reading): JournalReading => new JournalReading(
                        $reading->text('station'),
                        $reading->text('axis'),
                        $reading->length('diameter_nm'),
                    ),
                    $journal->parts('readings'),
                ),
                $journal->has('score_depth_nm') ? $journal->allowance('score_depth_nm') : Length::zero(),
                $journal->has('runout_tir_nm') ? $journal->allowance('runout_tir_nm') : Length::zero(),
                $journal->has('ra_nm') ? self::roughness($journal, 'ra_nm') : null,
            );
        } catch (JournalException $exception) {
            throw Refusal::withCode($exception->isTooFew ? 'too_few' : 'bad_value');
        }
    }

    /** @param  list<Length>  $undersizes */
    private function judge(Given $given, JournalGroup $group, array $undersizes): JournalJudge
    {
        $limits = $given->part('limits');
        [$least, $most] = $this->standard($given, $group);

        return new JournalJudge(
            $least,
            $most,
            $undersizes,
            new JournalLimits(
                $limits->allowance('out_of_round_nm'),
                $limits->allowance('taper_nm'),
                $limits->has('runout_tir_nm') ? $limits->allowance('runout_tir_nm') : Length::ofNanometres(self::DEFAULT_RUNOUT),
                self::roughness($limits, 'ra_lowest_nm'),
                self::roughness($limits, 'ra_highest_nm'),
            ),
            $given->has('stock_nm') ? $given->allowance('stock_nm') : Length::ofNanometres(self::DEFAULT_STOCK),
        );
    }

    /** @return array{Length, Length} */
    private function standard(Given $given, JournalGroup $group): array
    {
        $standard = $given->part('groups')->part($group->value);
        $range = [$standard->size('standard_min_nm'), $standard->size('standard_max_nm')];

        return $range[0]->isLargerThan($range[1]) ? throw Refusal::withCode('bad_value') : $range;
    }

    /**
     * @param  non-empty-list<JudgedJournal>  $journals
     * @param  list<Length>  $undersizes
     * @return array<string, mixed>
     */
    private function plan(Given $given, JournalGroup $group, array $journals, array $undersizes): array
    {
        [$least, $most] = $this->standard($given, $group);
        $plan = GrindPlan::of(
            $journals,
            $least,
            $most,
            $undersizes,
            $given->has('aim') ? $given->word('aim', GrindAim::class) : GrindAim::Middle,
            $given->has('case_depth_nm') ? $given->size('case_depth_nm') : null,
        );

        return ['action' => $plan->action->value] +
            ($plan->undersize === null ? [] : ['undersize_nm' => $plan->undersize->nanometres, 'target_nm' => $plan->target?->nanometres]) +
            ($plan->caseLeft === null
                ? []
                : ['case_left_nm' => $plan->caseLeft->nanometres, 'retreat_or_replace' => $plan->losesItsCase()]);
    }

    /** @return array<string, mixed> */
    private static function journal(JudgedJournal $journal): array
    {
        return [
            'name' => $journal->inspection->name,
            'size_nm' => $journal->inspection->size()->nanometres,
            'out_of_round_nm' => $journal->inspection->outOfRound()->nanometres,
            'taper_nm' => $journal->inspection->taper()->nanometres,
            'current_undersize_nm' => $journal->currentUndersize->nanometres,
            'polish_only' => $journal->polishOnly,
            'finish' => $journal->finish->value,
            'need_nm' => $journal->need->nanometres,
        ];
    }

    private static function roughness(Given $given, string $key): Roughness
    {
        return $given->whole($key) < 0 ? throw Refusal::withCode('bad_value') : Roughness::ofNanometres($given->whole($key));
    }

    /** @return array<string, mixed> */
    private function clearance(Given $given): array
    {
        $journal = $given->size('journal_nm');
        $clearance = $given->has('bearing_bore_nm')
            ? OilClearance::fromBearing($given->size('bearing_bore_nm'), $journal)
            : OilClearance::fromHousing($given->size('housing_nm'), $given->size('shell_wall_nm'), $journal);
        $least = $given->length('clearance_min_nm');
        $most = $given->length('clearance_max_nm');
        $least->isLargerThan($most) && throw Refusal::withCode('bad_value');

        return [
            'bearing_bore_nm' => $clearance->bearingBore->nanometres,
            'clearance_nm' => $clearance->clearance->nanometres,
            'result' => $clearance->against($least, $most)->value,
        ];
    }
}
