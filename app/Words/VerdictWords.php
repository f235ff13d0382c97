<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\BlockQuestions;
use NorthLedger\Core\Assessment\NextReading;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\Obstacle;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Bores\Recommendation;
use NorthLedger\Core\Features\Bores\TraceStake;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says a block's assessment in the trade's words; it computes nothing. */
final readonly class VerdictWords
{
    public function __construct(private LengthDisplay $display, private CylinderKind $cylinders = CylinderKind::InTheBlock)
    {
    }

    /** The stamp: “Cannot stay at standard”. */
    public function headline(BlockAssessment $assessment): string
    {
        $size = $assessment->step->value === null ? 'its size' : $this->display->step($assessment->step->value);

        return match (true) {
            $assessment->scrappedBy() !== [] => $this->areSeparate() ? 'The case is scrap' : 'The block is scrap',
            $assessment->step->boresDiffer => 'Bores of different sizes',
            $assessment->canStay === CanStay::No => 'Cannot stay at '.$size,
            ! $assessment->hasReadings() => 'Not yet read',
            $assessment->canStay->stays() => 'Can stay at '.$size,
            default => 'Not yet known',
        };
    }

    /** The short clause below the stamp. */
    public function clause(BlockAssessment $assessment): string
    {
        $failing = array_values(
            array_unique(array_map(static fn (Finding $finding): int => $finding->about->number(), $assessment->failures())),
        );
        sort($failing);

        return match (true) {
            $assessment->scrappedBy() !== [] => 'whatever its bores read',
            $assessment->step->boresDiffer => 'declare the size step, with its evidence',
            $assessment->canStay === CanStay::No && count($failing) === 1 => "cylinder {$failing[0]} is past a limit",
            $assessment->canStay === CanStay::No => 'cylinders '.self::list($failing).' are past a limit',
            ! $assessment->hasReadings() => 'begin with the worst place',
            $assessment->canStay->stays() => $this->stayingClause($assessment),
            $assessment->needsSize && $assessment->next->place === null => 'needs a size for the zero',
            $assessment->next->reason === NextReason::TooClose => 'too close to call',
            $assessment->needsSize => 'only form can be judged so far',
            default => $this->missingClause($assessment),
        };
    }

    /** The verdict in a sentence, with what beside the bores led to it. */
    public function conclusion(BlockAssessment $assessment): string
    {
        $scrap = $assessment->scrappedBy();
        $repaired = array_values(array_filter($assessment->defects, static fn (PartDefect $defect): bool => $defect->isRepaired()));
        $open = $assessment->openDefects();

        return match (true) {
            $scrap !== [] => 'Scrap. '.implode(' ', array_column($scrap, 'sentence')),
            $assessment->verdict === PartVerdict::Repair && $repaired !== [] => 'Repair. '.
                implode(' ', array_column($repaired, 'sentence')).
                ' The customer decides.',
            $assessment->verdict === PartVerdict::NotYetKnown && $open !== [] => 'Not yet known. '.
                implode(' ', array_column($open, 'sentence')),
            default => $this->verdict($assessment->verdict),
        };
    }

    public function verdict(PartVerdict $verdict): string
    {
        return match ($verdict) {
            PartVerdict::Serviceable => 'Serviceable: hone and re-ring, nothing is cut.',
            PartVerdict::Recondition => 'Recondition: normal machining makes it good.',
            PartVerdict::Repair => 'Repair: sleeves are needed, and the customer decides.',
            PartVerdict::Scrap => $this->areSeparate()
                ? 'The cylinders are worn out; a new set goes on.'
                : 'Scrap: no size and no sleeve makes this block good; replace it.',
            PartVerdict::NotYetKnown => 'Not yet known: readings are missing that can change it.',
        };
    }

    public function next(NextReading $next): string
    {
        $spared = $next->spared === [] ? '' : ' What is not read of '.self::cylinders($next->spared).' cannot change it.';
        $place = $next->place?->words() ?? '';

        return match ($next->reason) {
            NextReason::WorstPlaceFirst => "{$place}: worst place first.",
            NextReason::ShowsTheStep => $next->place === null
                ? 'Declare the size step with its evidence: the readings do not show it.'
                : "{$place}: the least worn place shows which size the bore was made to.",
            NextReason::CouldCondemn => "{$place} can still show that it cannot stay.{$spared}",
            NextReason::CompletesStaying => "{$place} is still needed before it may stay.{$spared}",
            NextReason::CouldChangeSize => "{$place} can still change the size.{$spared}",
            NextReason::TooClose => "{$place} is too close to call: read it again, twice or more, or with a better gauge.",
            NextReason::LookAgain => "{$place}: clean it and look again.",
            NextReason::NeedsZeroSize =>
                'Needs a size for the zero: measure the place it was set on with a gauge that shows sizes, and give it with key s.',
            NextReason::TraceDecides => 'Trace the wall of '.
                self::cylinders($next->traces).
                ' from the original axis: the size hangs on it.'.
                $spared,
            NextReason::NothingCanChange => 'No further reading of the bores can change their verdict or their size.',
        };
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
        return new BlockQuestions(
            match (true) {
                ! $assessment->knowsWhetherItStays() => 'not settled yet',
                $assessment->canStay === CanStay::No => 'no, settled',
                default => 'yes, settled',
            },
            match (true) {
                $assessment->recommendation === null, ! $assessment->hasReadings() => 'not settled yet',
                $assessment->isSettled() => lcfirst($this->option($assessment->recommendation->option)).', settled',
                default => lcfirst($this->option($assessment->recommendation->option)).' so far',
            },
            $assessment->knowsWhetherItStays(),
            $assessment->isSettled(),
        );
    }

    /** “with new pistons in 1 and 3; hone 2 to clearance” (BORE-6a) */
    private function stayingClause(BlockAssessment $assessment): string
    {
        $of = static fn (CanStay $way): array => array_values(
            array_map(
                static fn (JudgedBore $bore): int => $bore->cylinder(),
                array_filter($assessment->bores, static fn (JudgedBore $bore): bool => $bore->canStay === $way),
            ),
        );
        [$new, $honed] = [$of(CanStay::WithNewPiston), $of(CanStay::HonedToClearance)];
        $ways = array_filter([
            $new === [] ? '' : (count($new) === 1 ? 'with a new piston in ' : 'with new pistons in ').self::list($new),
            $honed === [] ? '' : 'hone '.self::list($honed).' to clearance',
        ]);

        return $ways === [] ? 'hone and re-ring' : implode('; ', $ways);
    }

    /** @param  list<int>  $numbers */
    public static function cylinders(array $numbers): string
    {
        return (count($numbers) === 1 ? 'cylinder ' : 'cylinders ').self::list($numbers);
    }

    /** @param  list<int>  $numbers */
    public static function list(array $numbers): string
    {
        $last = array_pop($numbers);

        return $numbers === [] ? (string) $last : implode(', ', $numbers).' and '.$last;
    }

    private function missingClause(BlockAssessment $assessment): string
    {
        $count = count(array_merge([], ...array_values($assessment->missing())));

        return $count === 1 ? 'one place is missing' : "{$count} places are missing";
    }

    /** @return list<string> What forbids an option */
    public function forbidden(ReboreOption $option): array
    {
        return [
            ...($option->wallTooThin === [] ? [] : ['wall too thin in '.self::cylinders($option->wallTooThin)]),
            ...array_map(static fn (Obstacle $obstacle): string => lcfirst($obstacle->words()), $option->obstacles),
        ];
    }

    /** What an option is called: “Stay at standard”, “Bore to +.030”, “Replace the block”. */
    public function option(ReboreOption $option): string
    {
        return match ($option->kind) {
            OptionKind::Stay => 'Stay at '.$this->display->step($option->step),
            OptionKind::Bore => 'Bore to '.$this->display->step($option->step),
            OptionKind::Replace => $this->areSeparate() ? 'Replace the cylinders' : 'Replace the block',
        };
    }

    public function sleeves(ReboreOption $option): string
    {
        return match (true) {
            $option->kind === OptionKind::Replace => $this->areSeparate() ? 'new cylinders and pistons' : 'standard block',
            in_array(Obstacle::CannotBeSleeved, $option->obstacles, true) => 'not with '.self::list($option->sleeved),
            $option->sleeved === [] && $option->kind === OptionKind::Stay => 'hone and re-ring',
            $option->sleeved === [] => 'no sleeves',
            default => 'sleeve '.self::list($option->sleeved),
        };
    }

    /** Why the recommended option wins, and what it costs against the runner-up (BORE-11). */
    public function recommendation(Recommendation $recommendation): string
    {
        $wins = match ($recommendation->preference) {
            Preference::Life => 'It cuts the least metal from the block',
            Preference::Cost => 'It is the cheapest way',
            Preference::Balanced => $recommendation->option->sizesRemaining > 0
                ? 'It is the cheapest way that leaves a size for the next rebuild'
                : 'No way leaves a size for the next rebuild; this is the cheapest',
        };
        if ($recommendation->stake !== null) {
            return $this->stake($recommendation->stake);
        }
        $runnerUp = $recommendation->runnerUp;
        if ($runnerUp === null) {
            return $wins.'; nothing else is possible.';
        }
        $difference = $recommendation->option->cost->minus($runnerUp->cost)->minor;
        $against = match (true) {
            $difference > 0 => 'costs '.self::money($difference).' more',
            $difference < 0 => 'costs '.self::money(-$difference).' less',
            default => 'costs the same',
        };

        return "{$wins}. Against “".
            $this->option($runnerUp).
            ", {$this->sleeves($runnerUp)}” it {$against}{$this->metalAgainst($recommendation->option, $runnerUp)}.";
    }

    /** “Trace cylinder 1: 190 and one sleeve hang on it. …” (BORE-11a) */
    private function stake(TraceStake $stake): string
    {
        $sizes = abs($stake->ifHolds->sizesRemaining - $stake->ifFails->sizesRemaining);
        $atStake = array_values(
            array_filter([
                $stake->costs->minor === 0 ? '' : self::money($stake->costs->minor),
                self::counted($stake->sleeves, 'sleeve'),
                match (true) {
                    $stake->costs->minor > 0 || $stake->sleeves > 0 => '',
                    $sizes > 0 => self::counted($sizes, 'size').' for a later rebuild',
                    default => 'how much metal is cut',
                },
            ]),
        );
        $hang = count($atStake) > 1 || $stake->sleeves > 1 || ($stake->sleeves === 0 && $sizes > 1) ? 'hang' : 'hangs';

        return 'Trace '.
            self::cylinders($stake->cylinders).
            ': '.
            implode(' and ', $atStake).
            " {$hang} on it. If the trace holds, “{$this->option($stake->ifHolds)}, {$this->sleeves($stake->ifHolds)}” is better; ".
                "until then “{$this->option($stake->ifFails)}, {$this->sleeves($stake->ifFails)}” is recommended, which rests on no ".
                'trace.';
    }

    /** “one sleeve”, “3 sleeves”; nothing for none */
    private static function counted(int $count, string $what): string
    {
        return match ($count) {
            0 => '',
            1 => "one {$what}",
            default => "{$count} {$what}s",
        };
    }

    public static function money(int $minor): string
    {
        return number_format(intdiv($minor, 100), 0, '.', ' ').($minor % 100 === 0 ? '' : sprintf('.%02d', $minor % 100));
    }

    private function metalAgainst(ReboreOption $option, ReboreOption $runnerUp): string
    {
        $saved = $runnerUp->metalCut->minus($option->metalCut);

        return match (true) {
            $runnerUp->kind === OptionKind::Replace, $option->kind === OptionKind::Replace, $saved->isZero() => '',
            $saved->isPositive() => ' and keeps '.$this->display->magnitudeWithUnit($saved).' of metal',
            default => ' and cuts '.$this->display->magnitudeWithUnit($saved).' more metal',
        };
    }

    private function areSeparate(): bool
    {
        return $this->cylinders === CylinderKind::Separate;
    }

    public function shift(Length $shift): string
    {
        return $this->display->magnitude($shift);
    }
}
