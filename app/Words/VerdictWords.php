<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\NextReading;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says a block's assessment in the trade's words; it computes nothing. */
final readonly class VerdictWords
{
    private const TELL_WHAT_IS_SPARED = [
        NextReason::CouldCondemn,
        NextReason::CompletesStaying,
        NextReason::CouldChangeSize,
        NextReason::TraceDecides,
    ];

    public function __construct(private LengthDisplay $display, private CylinderKind $cylinders = CylinderKind::InTheBlock)
    {
    }

    /** The stamp: “Cannot stay at standard”. */
    public function headline(BlockAssessment $assessment): string
    {
        $step = $assessment->step->value;
        $size = ['size' => $step === null ? Line::of('verdict.headline.unknown_size') : $this->display->step($step)];

        return match (true) {
            $assessment->scrappedBy() !== [] => Line::of($this->areSeparate() ? 'verdict.headline.scrap_case' : 'verdict.headline.scrap'),
            $assessment->step->boresDiffer => Line::of('verdict.headline.sizes_differ'),
            $assessment->canStay === CanStay::No => Line::of('verdict.headline.cannot_stay', $size),
            ! $assessment->hasReadings() => Line::of('verdict.headline.not_read'),
            $assessment->canStay->stays() => Line::of('verdict.headline.can_stay', $size),
            default => Line::of('verdict.headline.not_known'),
        };
    }

    /** The short clause below the stamp. */
    public function clause(BlockAssessment $assessment): string
    {
        return match (true) {
            $assessment->scrappedBy() !== [] => Line::of('verdict.clause.scrap'),
            $assessment->step->boresDiffer => Line::of('verdict.clause.sizes_differ'),
            $assessment->canStay === CanStay::No => $this->failingClause($assessment),
            ! $assessment->hasReadings() => Line::of('verdict.clause.not_read'),
            $assessment->canStay->stays() => $this->stayingClause($assessment),
            $assessment->needsSize && $assessment->next->place === null => Line::of('verdict.clause.needs_size'),
            $assessment->next->reason === NextReason::TooClose => Line::of('verdict.clause.too_close'),
            $assessment->needsSize => Line::of('verdict.clause.form_only'),
            $assessment->next->reason === NextReason::NeedsLimit => Line::of('verdict.clause.no_limit', [
                'criteria' => self::list(self::limitless($assessment)),
            ]),
            default => Line::counted('verdict.clause.missing', count(array_merge([], ...array_values($assessment->missing())))),
        };
    }

    /** The verdict in a sentence, with what beside the bores led to it. */
    public function conclusion(BlockAssessment $assessment): string
    {
        $scrap = $assessment->scrappedBy();
        $repaired = array_values(array_filter($assessment->defects, static fn (PartDefect $defect): bool => $defect->isRepaired()));
        $open = $assessment->openDefects();

        return match (true) {
            $scrap !== [] => self::because('scrap', $scrap),
            $assessment->verdict === PartVerdict::Repair && $repaired !== [] => self::because('repair', $repaired),
            $assessment->verdict === PartVerdict::NotYetKnown && $open !== [] => self::because('not_known', $open),
            $assessment->verdict === PartVerdict::NotYetKnown && $assessment->next->reason === NextReason::NeedsLimit => Line::of(
                'verdict.conclusion.no_limit',
                ['criteria' => self::list(self::limitless($assessment))],
            ),
            default => $this->verdict($assessment->verdict),
        };
    }

    public function verdict(PartVerdict $verdict): string
    {
        return $verdict === PartVerdict::Scrap && $this->areSeparate()
            ? Line::of('verdict.verdict.scrap_cylinders')
            : Line::ofCode('verdict.verdict', $verdict);
    }

    public function next(NextReading $next): string
    {
        if ($next->reason === NextReason::ShowsTheStep && $next->place === null) {
            return Line::of('verdict.next.declare_step');
        }
        $said = Line::ofCode('verdict.next', $next->reason, [
            'place' => $next->place === null ? '' : PlaceName::of($next->place),
            'cylinders' => self::cylinders($next->traces),
        ]);

        return $next->spared === [] || ! in_array($next->reason, self::TELL_WHAT_IS_SPARED, true)
            ? $said
            : $said.Line::of('verdict.next.spared', ['cylinders' => self::cylinders($next->spared)]);
    }

    /** @return list<string> What would change a “cannot stay”, one sentence a cylinder (VER-3) */
    public function changes(BlockAssessment $assessment): array
    {
        $words = new ChangeWords($this->display);
        $cylinders = [];
        foreach ($assessment->changes() as $change) {
            $cylinders[$words->stay($change)][] = $change->cylinder;
        }

        return array_map(
            static fn (string $change, array $those): string => ucfirst(self::cylinders($those))." {$change}",
            array_keys($cylinders),
            $cylinders,
        );
    }

    /** The two questions of a block, each with how far it is answered (BORE-5). */
    public function questions(BlockAssessment $assessment): BlockQuestions
    {
        $option = $assessment->recommendation?->option;

        return new BlockQuestions(
            match (true) {
                ! $assessment->knowsWhetherItStays() => Line::of('verdict.question.open'),
                $assessment->canStay === CanStay::No => Line::of('verdict.question.no'),
                default => Line::of('verdict.question.yes'),
            },
            $option === null || ! $assessment->hasReadings()
                ? Line::of('verdict.question.open')
                : Line::of($assessment->isSettled() ? 'verdict.question.settled' : 'verdict.question.so_far', [
                    'option' => lcfirst((new OptionWords($this->display, $this->cylinders))->option($option)),
                ]),
            $assessment->knowsWhetherItStays(),
            $assessment->isSettled(),
        );
    }

    /** @param  list<int>  $numbers */
    public static function cylinders(array $numbers): string
    {
        return Line::counted('verdict.cylinders', count($numbers), ['list' => self::list($numbers)]);
    }

    /** @param  list<int|string>  $items */
    public static function list(array $items): string
    {
        $last = (string) array_pop($items);

        return $items === [] ? $last : Line::of('verdict.and', ['others' => implode(', ', $items), 'last' => $last]);
    }

    public static function money(int $minor): string
    {
        return number_format(intdiv($minor, 100), 0, '.', ' ').($minor % 100 === 0 ? '' : sprintf('.%02d', $minor % 100));
    }

    /** @return list<string> What was read of the bores and has no limit */
    public static function limitless(BlockAssessment $assessment): array
    {
        $findings = array_merge(...array_map(static fn (JudgedBore $bore): array => array_values($bore->findings), $assessment->bores));
        $open = array_filter($findings, static fn (Finding $finding): bool => $finding->lacksLimit());

        return array_values(array_unique(array_map(static fn (Finding $finding): string => Labels::criterion($finding->criterion), $open)));
    }

    private function failingClause(BlockAssessment $assessment): string
    {
        $failing = array_values(
            array_unique(array_map(static fn (Finding $finding): int => $finding->about->number(), $assessment->failures())),
        );
        sort($failing);

        return Line::counted('verdict.clause.past_limit', count($failing), ['cylinders' => self::list($failing)]);
    }

    /** “with new pistons in 1 and 3; hone 2 to clearance” (BORE-6a) */
    private function stayingClause(BlockAssessment $assessment): string
    {
        $ways = [];
        foreach (['new_pistons' => CanStay::WithNewPiston, 'honed_to_clearance' => CanStay::HonedToClearance] as $line => $way) {
            $those = array_filter($assessment->bores, static fn (JudgedBore $bore): bool => $bore->canStay === $way);
            if ($those !== []) {
                $numbers = array_values(array_map(static fn (JudgedBore $bore): int => $bore->cylinder(), $those));
                $ways[] = Line::counted("verdict.clause.{$line}", count($numbers), ['cylinders' => self::list($numbers)]);
            }
        }

        return $ways === [] ? Line::of('verdict.clause.hone') : implode('; ', $ways);
    }

    /** @param  list<PartDefect>  $defects */
    private static function because(string $verdict, array $defects): string
    {
        return Line::of("verdict.conclusion.{$verdict}", ['reasons' => implode(' ', Messages::defects($defects))]);
    }

    private function areSeparate(): bool
    {
        return $this->cylinders === CylinderKind::Separate;
    }
}
