<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Pages\Stamp;
use App\Record\JobFile;
use App\Words\Line;
use App\Words\OptionWords;
use App\Words\OrderWords;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\KnownPits;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Bores\ReborePlan;
use NorthLedger\Core\Planning\Bar;
use NorthLedger\Core\Planning\Choices\BoreChoices;
use NorthLedger\Core\Quantity\Length;

/** The rebore options as one picture: sizes down, cylinders across (BORE-11). */
final readonly class PlanView
{
    private const WALL_BAR = 66;

    private const NOTCH_PITCH = 12;

    /**
     * @param  list<int>  $cylinders
     * @param  list<PlanRow>  $rows
     * @param  list<string>  $doubts
     * @param  list<string>  $stops  Why what was chosen does not hold, or waits
     * @param  list<int>  $traces  Cylinders whose trace decides
     * @param  bool  $isWithoutBores  Other parts came, and no bores to choose for
     */
    private function __construct(
        public Stamp $stamp,
        public array $cylinders,
        public array $rows,
        public string $why,
        public array $doubts,
        public string $customer,
        public string $missing,
        public string $wallUnit,
        public array $stops,
        public bool $isOpenAgain,
        public array $traces,
        public bool $isWithoutBores = false,
    ) {
    }

    public static function of(JobFile $file): self
    {
        $assessment = $file->assessment();
        $words = $file->optionWords();
        $plan = $assessment->plan;
        $recommendation = $assessment->recommendation;
        $stops = array_values(array_unique(array_map(OrderWords::stop(...), $file->work()->stops())));
        if ($plan === null || $recommendation === null || ! $assessment->hasReadings()) {
            return new self(
                self::withoutBores($file),
                [],
                [],
                '',
                [],
                '',
                $file->words()->next($assessment->next),
                '',
                $stops,
                $file->work()->isPlanOpenAgain(),
                [],
                $file->plan()->isWithoutBores(),
            );
        }
        $chosen = $file->work()->choice();
        $recommended = $plan->option($file->plan()->recommended()?->codes()[BoreChoices::CODE] ?? '') ?? $recommendation->option;
        $shown = $file->work()->chosen() ?? $recommended;

        return new self(
            new Stamp($words->option($shown), self::sleeves($plan, $shown, $chosen !== null, $words), 'chosen'),
            $file->sheet->layout->cylinders(),
            [
                ...array_map(
                    static fn (ReboreOption $option): PlanRow => self::row($file, $plan, $option, $recommended, $words),
                    $plan->ways(),
                ),
                ...self::withKnownPits($file, $plan, $recommended, $words),
            ],
            $recommended->key() === $recommendation->option->key() ? $words->recommendation($recommendation) : '',
            PlanDoubts::of($file, $plan, $recommended),
            $recommended->sleeved === [] ? '' : Line::of('plan.told.sleeves_repair_customer_decides'),
            '',
            $file->display->unit()->value,
            $stops,
            $file->work()->isPlanOpenAgain(),
            $recommendation->stake->cylinders ?? [],
        );
    }

    /** What the size comes with: where that is another than was chosen, both. */
    private static function sleeves(ReborePlan $plan, ReboreOption $shown, bool $isChosen, OptionWords $words): string
    {
        $now = $plan->option($shown->key());

        return Line::of(
            match (true) {
                ! $isChosen => 'plan.stamp.as_recommended',
                $now === null || $now->sleeved === $shown->sleeved => 'plan.stamp.as_chosen',
                default => 'plan.stamp.changed',
            },
            ['sleeves' => $words->sleeves($shown), 'now' => $now === null ? '' : $words->sleeves($now)],
        );
    }

    /** There is nothing to choose for the bores: they did not come, or nobody knows what they were made to. */
    private static function withoutBores(JobFile $file): Stamp
    {
        return $file->plan()->isWithoutBores()
            ? new Stamp(
                Line::of('plan.stamp.'.($file->work()->choice() === null ? 'recommended' : 'chosen')),
                Line::of('plan.stamp.no_bores'),
                'chosen',
            )
            : new Stamp(Line::of('plan.stamp.no_plan_yet'), Line::of('plan.stamp.size_unknown'), 'missing');
    }

    private static function row(
        JobFile $file,
        ReborePlan $plan,
        ReboreOption $option,
        ReboreOption $recommended,
        OptionWords $words,
    ): PlanRow {
        $marks = [];
        foreach ($file->sheet->layout->cylinders() as $cylinder) {
            $marks[] = self::mark($file, $option, $cylinder);
        }
        $wall = $option->thinnestWall;
        $full = $file->sheet->bore->standardWall;
        $bar = static fn (?Length $length): ?int => $length === null || $full === null
            ? null
            : (int) round(min(1, max(0, $length->nanometres / $full->nanometres)) * self::WALL_BAR);

        return new PlanRow(
            $option->key(),
            match ($option->kind) {
                OptionKind::Stay => Line::of('plan.cell.stay'),
                OptionKind::Bore => $file->display->step($option->step),
                OptionKind::Replace => Line::of('plan.cell.replace'),
            },
            match (true) {
                $option->kind === OptionKind::Stay && $option->sleeved === [] && ! $option->isWithNewPistons => Line::of('plan.cell.at', [
                    'step' => $file->display->step($option->step),
                ]),
                default => $words->sleeves($option),
            },
            $words->option($option).', '.$words->sleeves($option),
            $marks,
            $wall === null ? '–' : $file->display->size($wall),
            $bar($wall),
            $bar($file->sheet->bore->minimumWall),
            $option->sizesRemaining,
            self::notches(count($plan->block->allowedSteps), $option->sizesRemaining),
            VerdictWords::money($option->cost->minor),
            $option->kind === OptionKind::Replace ? '–' : number_format($option->machineMinutes / 60, 1),
            $option === $recommended,
            self::chosenMark($file, $option, $words),
            ($file->work()->choice()->option_key ?? $recommended->key()) === $option->key(),
            $option !== $recommended && $plan->isFolded($option),
            self::forbidden($option, $words),
        );
    }

    /** @return list<PlanRow> The way that the customer alone can open, where there is one */
    private static function withKnownPits(JobFile $file, ReborePlan $plan, ReboreOption $recommended, OptionWords $words): array
    {
        $pits = $file->assessment()->knownPits;
        if ($pits === null) {
            return [];
        }
        $row = self::row($file, $plan, $pits->option, $recommended, $words);
        $clause = Line::of('plan.pits.row', ['list' => VerdictWords::list($pits->cylinders())]);
        $marks = $row->marks;
        foreach ($file->sheet->layout->cylinders() as $index => $cylinder) {
            if (in_array($cylinder, $pits->cylinders(), true)) {
                $marks[$index] = new PlanMark(
                    'hone',
                    Line::of('plan.pits.mark', ['cylinder' => $cylinder]),
                    Line::of('plan.pits.mark_short'),
                );
            }
        }

        return [$row->closed(KnownPits::CODE, $clause, $marks, ucfirst(Line::ofCode('plan.bar', Bar::WantsAcceptance)))];
    }

    /** Empty where another size was chosen. */
    private static function chosenMark(JobFile $file, ReboreOption $option, OptionWords $words): string
    {
        $chosen = $file->work()->chosen();

        return match (true) {
            $chosen?->key() !== $option->key() => '',
            $chosen->sleeved === $option->sleeved => Line::of('plan.row.chosen'),
            default => Line::of('plan.row.chosen_otherwise', ['sleeves' => $words->sleeves($chosen)]),
        };
    }

    private static function forbidden(ReboreOption $option, OptionWords $words): string
    {
        return match (true) {
            $option->isFeasible() => '',
            default => ucfirst(implode('; ', $words->forbidden($option))),
        };
    }

    /** @return list<array{x: int, isLeft: bool}> */
    private static function notches(int $allowed, int $left): array
    {
        $notches = [];
        for ($index = 0; $index < $allowed; $index++) {
            $notches[] = ['x' => 3 + self::NOTCH_PITCH * $index, 'isLeft' => $index < $left];
        }

        return $notches;
    }

    private static function mark(JobFile $file, ReboreOption $option, int $cylinder): PlanMark
    {
        $off = $option->offCentre[$cylinder] ?? null;
        $by = $off === null ? '' : $file->display->magnitude($off);
        [$kind, $line, $short] = match (true) {
            in_array($cylinder, $option->sleeved, true) => ['sleeve', 'sleeve', ''],
            in_array($cylinder, $option->needsTrace, true) => ['off', 'trace', "{$by}?"],
            in_array($cylinder, $option->newPistons, true) => ['hone', 'new_piston', Line::of('plan.mark.short.new_piston')],
            in_array($cylinder, $option->honedToClearance, true) => ['hone', 'clearance', Line::of('plan.mark.short.clearance')],
            $off !== null => ['off', 'off', $by],
            $option->kind === OptionKind::Stay => ['hone', 'hone', ''],
            $option->kind === OptionKind::Replace => ['none', 'new', ''],
            default => ['on', 'on', ''],
        };

        return new PlanMark(
            $kind,
            Line::of("plan.mark.{$line}", [
                'cylinder' => $cylinder,
                'by' => $off === null ? '' : $file->display->magnitudeWithUnit($off),
            ]),
            $short,
        );
    }
}
