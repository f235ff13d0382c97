<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\CellState;
use App\Pages\CloseCalls;
use App\Pages\FindingLine;
use App\Pages\SettlingWords;
use App\Pages\Stamp;
use App\Record\JobFile;
use App\Storage\SheetName;
use App\Words\BlockQuestions;
use App\Words\FindingWords;
use App\Words\Line;
use App\Words\PlaceName;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Quantity\Length;

/** The margin beside the bore sheet: the verdict so far, why, what it needs, what next. */
final readonly class MeasureMargin
{
    private const MOST_REASONS = 3;

    /**
     * @param  list<FindingLine>  $reasons
     * @param  int  $moreReasons  How many are not shown
     * @param  list<array{step: string, text: string, state: CellState}>  $needs
     * @param  ?BlockQuestions  $questions  Null where nothing is planned: the job is only a check
     * @param  list<int>  $traces  Cylinders whose wall is traced next
     */
    private function __construct(
        public Stamp $stamp,
        public array $reasons,
        public int $moreReasons,
        public array $needs,
        public string $next,
        public bool $isSettled,
        public bool $needsSize,
        public bool $wantsCheck,
        public ?BlockQuestions $questions,
        public array $traces,
        public string $limitless,
        public string $pits,
    ) {
    }

    public static function of(JobFile $file): self
    {
        $assessment = $file->assessment();
        $words = $file->words();
        $findings = self::telling($assessment, $file->job->isCheck());
        $told = CloseCalls::together($findings);
        $shown = array_slice($told, 0, self::MOST_REASONS);
        $isClose =
            array_filter(
                array_merge(...$shown),
                static fn (Finding $finding): bool => $finding->isCloseCall || $finding->outcome === Outcome::Undecided,
            ) !== [];
        $findingWords = $isClose ? SettlingWords::of($file) : new FindingWords($file->display, [], $file->sheet);
        $bores = array_column(array_map(static fn (JudgedBore $bore): array => [$bore->cylinder(), $bore], $assessment->bores), 1, 0);
        $lines = array_map(
            static fn (array $together): FindingLine => FindingLine::ofAll(
                $together,
                $findingWords,
                $file->display,
                $bores[$together[0]->about->number()],
            ),
            $shown,
        );

        return new self(
            $file->job->isCheck() ? self::checked($file) : Stamp::ofBlock($assessment, $words),
            $lines,
            count($told) - count($lines),
            $assessment->canStay === CanStay::No && ! $file->job->isCheck() ? self::needs($file, $assessment) : [],
            $file->job->isCheck() && $assessment->next->place !== null
                ? Line::of('verify.next', ['place' => PlaceName::of($assessment->next->place)])
                : $words->next($assessment->next),
            $assessment->isSettled(),
            $assessment->needsSize && $assessment->next->place !== null,
            $assessment->isSettled() && ! $file->job->is_closed && self::isUnchecked($file),
            $file->job->isCheck() ? null : $words->questions($assessment),
            $assessment->next->traces,
            VerdictWords::list(VerdictWords::limitless($assessment)),
            self::pits($assessment),
        );
    }

    /** Work that is only checked neither stays nor is bored: it is within its limits, or out. */
    private static function checked(JobFile $file): Stamp
    {
        $part = $file->sheet->deck === null ? EnginePart::Cylinders : EnginePart::Block;

        return (AcceptedPartView::all($file)[$part->value] ?? null)->stamp ?? new Stamp(Line::of('verify.checked.open'), '', 'missing');
    }

    /** Whose pits are felt and not measured; empty where none are. */
    private static function pits(BlockAssessment $assessment): string
    {
        $felt = array_filter($assessment->bores, static fn (JudgedBore $bore): bool => $bore->inspection->wantsPitDepth());
        $cylinders = array_values(array_map(static fn (JudgedBore $bore): int => $bore->cylinder(), $felt));

        return $cylinders === [] ? '' : Line::of('verdict.pits', ['cylinders' => ucfirst(VerdictWords::cylinders($cylinders))]);
    }

    /** True where the bore gauge has read since it was last on its master. */
    private static function isUnchecked(JobFile $file): bool
    {
        $entries = $file->record->entries(SheetName::bores());
        $setup = $entries->gauges->current(BoreFeature::Bore);

        return $setup !== null && $entries->readingsSinceCheck($setup) > 0;
    }

    /** @return list<Finding> Failures first, then close calls */
    private static function telling(BlockAssessment $assessment, bool $isCheck): array
    {
        $close = array_merge(
            [],
            ...array_map(
                static fn (JudgedBore $bore): array => array_values(
                    array_filter(
                        $bore->findings,
                        static fn (Finding $finding): bool => $finding->outcome === Outcome::Undecided ||
                            ($finding->isCloseCall && $finding->margin?->isNegative() === false),
                    ),
                ),
                $assessment->bores,
            ),
        );

        // Nobody hones or re-pistons what is only checked: a clearance that fails has failed.
        $failures = $isCheck
            ? array_merge(
                [],
                ...array_map(
                    static fn (JudgedBore $bore): array => array_values(
                        array_filter($bore->findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail),
                    ),
                    $assessment->bores,
                ),
            )
            : $assessment->failures();

        return [...self::worstOfEachCylinder($failures), ...$close];
    }

    /**
     * @param  list<Finding>  $failures
     * @return list<Finding>
     */
    private static function worstOfEachCylinder(array $failures): array
    {
        $worst = [];
        foreach ($failures as $finding) {
            $standing = $worst[$finding->about->number()] ?? null;
            $worst[$finding->about->number()] = $standing === null || $finding->overshoot() > $standing->overshoot() ? $finding : $standing;
        }

        return array_values($worst);
    }

    /** @return list<array{step: string, text: string, state: CellState}> */
    private static function needs(JobFile $file, BlockAssessment $assessment): array
    {
        $needs = [];
        foreach ($assessment->plan->options ?? [] as $option) {
            if ($option->kind === OptionKind::Bore && ! in_array(CellState::Good, array_column($needs, 'state'), true)) {
                $needs[] = [
                    'step' => $file->display->step($option->step),
                    'text' => self::outcome($file, $option),
                    'state' =>
                        $option->sleeved !== [] || ! $option->isFeasible()
                            ? CellState::Out
                            : ($option->offCentre !== []
                                ? CellState::Close
                                : CellState::Good),
                ];
            }
        }

        return $needs;
    }

    private static function outcome(JobFile $file, ReboreOption $option): string
    {
        $parts = [];
        if ($option->sleeved !== []) {
            $parts[] = Line::counted('sheet.option.not_clean', count($option->sleeved), [
                'cylinders' => VerdictWords::list($option->sleeved),
            ]);
        }
        if ($option->offCentre !== []) {
            $parts[] = Line::counted('sheet.option.off_centre', count($option->offCentre), [
                'cylinders' => VerdictWords::list(array_keys($option->offCentre)),
                'shift' => $file->display->magnitude(Length::largest(...array_values($option->offCentre))),
            ]);
        }
        if ($option->wallTooThin !== []) {
            $parts[] = Line::of('sheet.option.wall_thin', ['cylinders' => VerdictWords::list($option->wallTooThin)]);
        }

        return $parts === [] ? Line::of('sheet.option.all_clean') : implode('; ', $parts);
    }
}
