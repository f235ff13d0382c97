<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\AmountDisplay;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartFinding;
use NorthLedger\Core\Finding\WayToPass;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says findings and planned work beside the bores in plain sentences; it computes nothing. */
final readonly class PartWords
{
    private AmountDisplay $amounts;

    public function __construct(private LengthDisplay $display)
    {
        $this->amounts = new AmountDisplay($display);
    }

    public function sentence(PartFinding $finding): string
    {
        $name = ucfirst($finding->criterion->label());
        $said = $finding->said === '' ? '' : ' '.rtrim(ucfirst($finding->said), '.').'.';

        return match (true) {
            $finding->value !== null && $finding->limits !== null && $finding->margin !== null => $this->measured($finding, $name, $finding->value, $finding->limits, $finding->margin).$said,
            $finding->outcome === Outcome::Missing => "{$name}: not read.{$said}",
            $finding->outcome === Outcome::Concession => "{$name}: ".rtrim($finding->said, '.').', accepted by a signed concession.',
            default => "{$name}: ".rtrim($finding->said, '.').'.',
        };
    }

    /** What a person could do so that it would pass (VER-3); it was tried. */
    public function change(WouldPass $change): string
    {
        $subject = lcfirst($change->finding->subject());

        return match ($change->way) {
            WayToPass::FreeTheValve => "The {$this->valve($subject)} sticks: free it, and it passes.",
            WayToPass::Repeat => ucfirst("{$subject}, {$change->finding->criterion->label()}: out by less than the gauge uncertainty. Read it again, and let a second person read it."),
        };
    }

    /** “intake valve of cylinder 3” */
    private function valve(string $subject): string
    {
        [$cylinder, $kind] = [...explode(', ', $subject, 2), ''];

        return "{$kind} valve of {$cylinder}";
    }

    public function work(PlannedWork $work): string
    {
        $step = $work->step === null ? '' : ' '.match ($work->kind) {
            WorkKind::Grind => $this->step($work).' under',
            WorkKind::LineBore => "to {$this->display->step($work->step)}",
            WorkKind::Face => "by {$this->display->magnitudeWithUnit($work->step)}",
            default => $work->step->isZero() ? 'to standard' : "to {$this->display->step($work->step)}",
        };
        $target = $work->target === null ? '' : ($work->kind === WorkKind::Face ? ', leaving ' : ', aim at ').$this->display->sizeWithUnit($work->target);
        $said = $work->said === '' ? '' : ' '.$work->said;

        return "{$work->subject}: {$work->kind->value}{$step}{$target}.{$said}";
    }

    /**
     * “main 1, front, 0°; main 1, front, 90° and 12 more”
     *
     * @param  list<Place>  $places
     */
    public function places(array $places, int $most = 3): string
    {
        $words = array_map(static fn (Place $place): string => lcfirst($place->words()), array_slice($places, 0, $most));
        $more = count($places) - count($words);

        return implode('; ', $words).($more > 0 ? " and {$more} more" : '');
    }

    private function step(PlannedWork $work): string
    {
        return ltrim($work->step === null ? '' : $this->display->step($work->step), '+');
    }

    private function measured(PartFinding $finding, string $name, Amount $value, Limits $limits, Amount $margin): string
    {
        $amount = $this->amounts->difference($margin);
        $isNothingShown = (float) $amount === 0.0;
        $against = match (true) {
            $margin->isNegative() && $isNothingShown => 'out by less than is shown',
            $margin->isNegative() => "out by {$amount}",
            $finding->outcome === Outcome::Missing => "{$amount} inside so far",
            $margin->value == 0 => 'on the limit, passes',
            default => "{$amount} inside",
        };
        $doubt = $finding->uncertainty === null ? '' : '; gauge uncertainty ±'.$this->amounts->text(Amount::of($value->measurand === Measurand::Mass ? Measurand::Mass : Measurand::Distance, $finding->uncertainty->expanded()->nanometres));
        $close = match (true) {
            $finding->outcome === Outcome::Undecided => ' Undecided: read it again with a better gauge, or three times, or let a second person read it.',
            $finding->isCloseCall && ! $margin->isNegative() => ' A close call: read it again with a better gauge, or let a second person read it.',
            default => '',
        };

        return "{$name} {$this->amounts->withUnit($value)}, {$this->amounts->limits($limits)}: {$against}{$doubt}.{$close}";
    }
}
