<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Settling;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says a finding in one plain sentence; it computes nothing. */
final readonly class FindingWords
{
    private const MOST_GAUGES = 2;

    /** @param  array<string, Instrument>  $gauges  Of the shop, that read bores, by what they are called */
    public function __construct(private LengthDisplay $display, private array $gauges = [])
    {
    }

    public function sentence(Finding $finding): string
    {
        $name = ucfirst($finding->criterion->label());

        return match (true) {
            $finding->value !== null && $finding->limit !== null && $finding->margin !== null => $this->measured($finding, $name, $finding->value, $finding->limit, $finding->margin),
            $finding->outcome === Outcome::Missing && $finding->look !== '' => "{$name}: {$finding->look}. Clean it and check again.",
            $finding->needsSize => "{$name}: needs a size for the zero.",
            $finding->outcome === Outcome::Missing => "{$name}: not read.",
            $finding->outcome === Outcome::Concession => "{$name}: {$finding->look}, accepted by a signed concession.",
            $finding->outcome === Outcome::Fail => "{$name}: {$finding->look}. It cannot stay like that.",
            default => "{$name}: {$finding->look}.",
        };
    }

    /** What a new piston would make of a clearance that fails with the piston it has (BORE-6a); nothing of any other finding. */
    public function withNewPiston(Finding $finding, JudgedBore $bore): string
    {
        $fit = $bore->newPiston;
        $clearance = $finding->criterion === Criterion::LeastClearance ? $fit?->least : $fit?->clearance;
        if (! $finding->criterion->isOfPiston() || $finding->outcome !== Outcome::Fail || count($finding->readings) !== 2 || $fit === null || $clearance === null) {
            return '';
        }

        return " With a new piston it would be {$this->display->deviation($clearance)}: ".match ($fit->outcome) {
            Outcome::Fail => 'past a limit too.',
            Outcome::Pass => 'within both limits.',
            default => 'within both limits as far as it is read.',
        };
    }

    /** What a person could change so that a cylinder would pass (VER-3); it was tried. */
    public function change(WouldStay $change): string
    {
        $ways = [];
        foreach ($change->limits as $criterion => $limit) {
            $name = Criterion::from($criterion)->label();
            $ways[] = "a limit of {$this->display->magnitudeWithUnit($this->display->notBelow($limit))} for {$name} (now {$this->display->magnitude($change->now[$criterion])})";
        }
        if ($change->withConcession) {
            $ways[] = 'the customer’s signed concession for its pits';
        }
        $last = array_pop($ways);

        return 'would pass with '.($ways === [] ? $last : implode(', ', $ways)." and {$last}").'.';
    }

    private function measured(Finding $finding, string $name, Length $value, Length $limit, Length $margin): string
    {
        $doubt = $finding->uncertainty?->expanded() ?? Length::zero();
        $close = $finding->isCloseCall || $finding->outcome === Outcome::Undecided ? ' '.$this->settling(Settling::of($finding, $this->gauges)) : '';
        $amount = $this->display->magnitudeWithUnit($margin);
        $against = match (true) {
            $margin->isNegative() && (float) $this->display->magnitude($margin) === 0.0 => 'over by less than is shown',
            $margin->isNegative() => $finding->criterion === Criterion::LeastClearance ? "short by {$amount}" : "over by {$amount}",
            $finding->outcome === Outcome::Missing => "{$amount} inside so far",
            $margin->isZero() => 'on the limit, passes',
            default => "{$amount} inside",
        };

        $piston = $finding->criterion === Criterion::Clearance && count($finding->readings) === 1 ? ', even with a new piston' : '';

        return "{$name} {$this->display->magnitude($value)}{$piston}, limit {$this->display->magnitude($limit)}: {$against}; gauge uncertainty ±{$this->display->magnitude($doubt)}.{$close}";
    }

    private function settling(Settling $settling): string
    {
        $ways = array_filter([
            $settling->gauges === [] ? '' : 'read it with '.implode(' or ', array_slice($settling->gauges, 0, self::MOST_GAUGES)),
            $settling->temperatures ? 'take both temperatures' : '',
            $settling->scatter === null ? '' : 'repeat each reading '.Settling::REPEATS." times or more, scattering by {$this->display->fine($settling->scatter)} at most (1σ)",
        ]);

        return $ways === []
            ? 'A close call that no gauge here and no repeats settle: let a second person read it, and decide.'
            : 'A close call. What settles it: '.implode(', or ', $ways).'; else a second person.';
    }
}
