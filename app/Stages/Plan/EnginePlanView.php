<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Record\JobFile;
use App\Words\EnginePartName;
use App\Words\Line;
use App\Words\PlannedWorkWords;
use App\Words\PlanWords;
use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Planning\Bar;
use NorthLedger\Core\Planning\Choice;
use NorthLedger\Core\Planning\Choices\BalanceChoices;
use NorthLedger\Core\Planning\Choices\BoreChoices;
use NorthLedger\Core\Planning\EnginePlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\PlanObstacle;
use NorthLedger\Core\Quantity\Money;

/** The plan of the whole engine as a ledger: parts down, their choices across, and what one plan of them comes to (PLAN-1 to PLAN-3). */
final readonly class EnginePlanView
{
    /**
     * @param  list<EnginePlanRow>  $rows  Beside the bores, which have their own table
     * @param  list<string>  $lives  How many further sizes each part has afterwards
     * @param  list<string>  $obstacles  Why the plan is forbidden
     * @param  list<string>  $why  Of the recommendation
     * @param  list<string>  $open  Parts of which nothing is known yet
     */
    private function __construct(
        public array $rows,
        public string $total,
        public string $days,
        public string $hours,
        public string $ratio,
        public array $lives,
        public array $obstacles,
        public array $why,
        public array $open,
        public string $over,
        public string $looked,
        public string $agreed,
        public bool $isRecommended,
        public bool $isChosen,
        public BuildTargets $targets,
    ) {
    }

    /** @param  array<string, string>  $picked  Choices that somebody is trying, by part; none: what was chosen, else what is recommended */
    public static function of(JobFile $file, array $picked = []): self
    {
        $words = new PlanWords($file->display, $file->sheet);
        $job = $file->plan();
        $recommended = $job->recommended();
        $chosen = self::chosen($file);
        $plan = match (true) {
            $picked !== [] => $job->with($picked) ?? $job->asPicked($picked),
            $chosen !== [] => $job->with($chosen),
            default => $recommended,
        };
        $over = $plan?->over($job->budget());

        return new self(
            self::rows($file, $words, $plan, $recommended, $chosen),
            $plan === null ? '' : PlanWords::money($plan->cost),
            $plan === null ? '' : PlanWords::days($plan->leadDays),
            $plan === null ? '' : number_format($plan->minutes / 60, 1),
            $plan === null || $job->isWithoutBores() ? '' : PlanWords::ratio($plan),
            $plan === null ? [] : self::lives($job->choices()->parts, $plan, $words),
            self::obstacles($file, $words, $plan),
            $recommended === null ? [] : self::why($file, $recommended),
            self::open($file),
            $over === null ? '' : PlanWords::money($over),
            self::looked($file),
            self::agreed($file, $recommended),
            $plan !== null && $recommended?->isSameAs($plan) === true,
            $plan !== null && $chosen === $plan->codes(),
            BuildTargets::of($file, $plan),
        );
    }

    /** What was agreed, against what is recommended now, where the plan is open again (PLAN-5). */
    private static function agreed(JobFile $file, ?EnginePlan $recommended): string
    {
        $choice = $file->work()->choice();
        if ($choice?->cost_minor === null || $recommended === null || ! $file->work()->isPlanOpenAgain()) {
            return '';
        }
        $more = $recommended->cost->minor - $choice->cost_minor;
        $days = $recommended->leadDays - (int) $choice->lead_days;

        return implode(' ', [
            Line::of('plan.agreed.was', ['cost' => PlanWords::money(Money::ofMinor($choice->cost_minor))]),
            Line::of('plan.agreed.now', ['cost' => PlanWords::money($recommended->cost)]),
            Line::of('plan.agreed.'.($more < 0 ? 'less' : 'more'), ['amount' => PlanWords::money(Money::ofMinor(abs($more)))]),
            ...$days === 0 ? [] : [Line::counted('plan.agreed.'.($days < 0 ? 'sooner' : 'later'), abs($days))],
        ]);
    }

    /** How many plans there are, and how many of them are allowed. */
    private static function looked(JobFile $file): string
    {
        $all = $file->plan()->choices()->all();

        return $all === null ? '' : Line::of('plan.looked', ['plans' => $all->count(), 'allowed' => $all->allowed()]);
    }

    /** @return array<string, string> Of the bores and every other part, where a choice was made */
    private static function chosen(JobFile $file): array
    {
        $choice = $file->work()->choice();

        return $choice === null ? [] : [BoreChoices::CODE => $choice->option_key] + ($choice->parts ?? []);
    }

    /**
     * @param  array<string, string>  $chosen
     * @return list<EnginePlanRow>
     */
    private static function rows(JobFile $file, PlanWords $words, ?EnginePlan $plan, ?EnginePlan $recommended, array $chosen): array
    {
        $rows = [];
        foreach ($file->plan()->choices()->parts as $part) {
            if ($part->code !== BoreChoices::CODE) {
                $selected = $plan->choices[$part->code]->code ?? null;
                $rows[] = new EnginePlanRow(
                    $part->code,
                    $words->part($part),
                    array_map(
                        static fn (OfferedChoice $choice): EnginePlanCell => self::cell(
                            $words,
                            $part,
                            $choice,
                            $selected,
                            ($recommended->choices[$part->code]->code ?? null) === $choice->code(),
                            ($chosen[$part->code] ?? null) === $choice->code(),
                        ),
                        $part->choices,
                    ),
                    self::works($file, $part, $selected),
                );
            }
        }

        return $rows;
    }

    /** What follows from the other parts is nobody's to pick. */
    private static function cell(
        PlanWords $words,
        OfferedPart $part,
        OfferedChoice $choice,
        ?string $selected,
        bool $isRecommended,
        bool $isChosen,
    ): EnginePlanCell {
        $isSelected = $selected === $choice->code();
        $follows = $part->code === BalanceChoices::CODE && ! $isSelected;

        return new EnginePlanCell(
            $choice->code(),
            $words->choice($part, $choice),
            PlanWords::money($choice->choice->cost),
            $follows ? Line::of('plan.follows') : self::bars($choice, $words),
            $follows || $choice->isForbidden(),
            $isSelected,
            $isRecommended,
            $isChosen,
        );
    }

    private static function bars(OfferedChoice $choice, PlanWords $words): string
    {
        return implode('; ', array_map(static fn (Bar $bar): string => $words->bar($bar), $choice->bars));
    }

    /** @return list<string> What is done where the selected choice is taken */
    private static function works(JobFile $file, OfferedPart $part, ?string $selected): array
    {
        $words = new PlannedWorkWords($file->display);
        $works = $selected === null ? [] : $part->choice($selected)->works ?? [];

        return array_map(static fn (PlannedWork $work): string => $words->sentence($work), $works);
    }

    /**
     * @param  array<string, OfferedPart>  $parts
     * @return list<string>
     */
    private static function lives(array $parts, EnginePlan $plan, PlanWords $words): array
    {
        $counting = array_filter($plan->choices, static fn (Choice $choice): bool => $choice->life !== null);

        return array_values(
            array_map(
                static fn (string $code, Choice $choice): string => Line::of('plan.life', [
                    'part' => $words->part($parts[$code]),
                    'count' => (int) $choice->life,
                ]),
                array_keys($counting),
                $counting,
            ),
        );
    }

    /** @return list<string> */
    private static function obstacles(JobFile $file, PlanWords $words, ?EnginePlan $plan): array
    {
        $without = array_map($words->part(...), $file->plan()->choices()->withoutAChoice());

        return [
            ...array_map($words->obstacle(...), $plan->obstacles ?? self::everywhere($file)),
            ...$without === [] ? [] : [Line::of('plan.without', ['parts' => lcfirst(implode(', ', $without))])],
        ];
    }

    /** @return list<PlanObstacle> What forbids plans, where no plan is allowed */
    private static function everywhere(JobFile $file): array
    {
        $all = $file->plan()->choices()->all();

        return $all === null ? [] : array_map(PlanObstacle::from(...), array_keys($all->forbidden()));
    }

    /** @return list<string> What the recommended plan wins, and what it costs against the cheapest (PLAN-3) */
    private static function why(JobFile $file, EnginePlan $recommended): array
    {
        $budget = $file->plan()->budget();
        $over = $recommended->over($budget);
        $cheapest = $file->plan()->choices()->cheapest();
        if ($budget !== null && $over !== null) {
            return [self::overBudget($budget, $over, $recommended, $cheapest)];
        }
        $preference = $file->policy->preference;
        $more = $cheapest === null ? 0 : $recommended->cost->minus($cheapest->cost)->minor;

        return [
            $preference === Preference::Balanced && $recommended->leastLife === 0
                ? Line::of('plan.recommended.balanced_last')
                : Line::ofCode('plan.recommended', $preference),
            ...$more > 0 && $cheapest !== null
                ? [Line::of('plan.recommended.against', ['more' => PlanWords::money($recommended->cost->minus($cheapest->cost))])]
                : [],
            ...$budget === null ? [] : [Line::of('plan.recommended.within_budget', ['budget' => PlanWords::money($budget)])],
        ];
    }

    private static function overBudget(Money $budget, Money $over, EnginePlan $recommended, ?EnginePlan $cheapest): string
    {
        $isCheapest = $cheapest === null || $cheapest->cost->minor >= $recommended->cost->minor;

        return Line::of($isCheapest ? 'plan.recommended.over_budget' : 'plan.recommended.over_budget_but', [
            'budget' => PlanWords::money($budget),
            'over' => PlanWords::money($over),
            'cheapest' => $cheapest === null ? '' : PlanWords::money($cheapest->cost),
        ]);
    }

    /** @return list<string> */
    private static function open(JobFile $file): array
    {
        $open = [];
        foreach ($file->engine()->parts as $part) {
            if ($part->isHere && $part->verdict === PartVerdict::NotYetKnown) {
                $open[] = EnginePartName::of($file->sheet, $part->part);
            }
        }

        return $open;
    }
}
