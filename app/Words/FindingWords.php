<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Settling;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says a finding in one plain sentence (VER-3); it computes nothing. */
final readonly class FindingWords
{
    private const MOST_GAUGES = 2;

    private AmountDisplay $amounts;

    /** @param  array<string, Instrument>  $gauges  Of the shop, that read bores, by what they are called */
    public function __construct(private LengthDisplay $display, private array $gauges = [])
    {
        $this->amounts = new AmountDisplay($display);
    }

    public function sentence(Finding $finding): string
    {
        $name = ucfirst(Labels::criterion($finding->criterion));
        $said = rtrim($finding->said, '.');

        return match (true) {
            $finding->value !== null && $finding->limits !== null && $finding->margin !== null => $this->measured(
                $finding,
                $name,
                $finding->value,
                $finding->limits,
                $finding->margin,
            ).($said === '' ? '' : ' '.ucfirst($said).'.'),
            $finding->needsSize => "{$name}: needs a size for the zero.",
            $finding->outcome === Outcome::Missing && $finding->criterion->isLookAtWall() && $said !== '' =>
                "{$name}: {$said}. Clean it and check again.",
            $finding->outcome === Outcome::Missing => "{$name}: not read.".($said === '' ? '' : ' '.ucfirst($said).'.'),
            $finding->outcome === Outcome::Concession => "{$name}: {$said}, accepted by a signed concession.",
            $finding->outcome === Outcome::Fail && $finding->criterion->isLookAtWall() => "{$name}: {$said}. It cannot stay like that.",
            default => "{$name}: {$said}.",
        };
    }

    /** What a new piston would make of a clearance that fails with the piston it has (BORE-6a); nothing of any other finding. */
    public function withNewPiston(Finding $finding, JudgedBore $bore): string
    {
        $fit = $bore->newPiston;
        $clearance = $finding->criterion === Criterion::LeastClearance ? $fit?->least : $fit?->clearance;
        if (
            ! $finding->criterion->isOfPiston() ||
            $finding->outcome !== Outcome::Fail ||
            count($finding->readings) !== 2 ||
            $fit === null ||
            $clearance === null
        ) {
            return '';
        }

        return " With a new piston it would be {$this->display->deviation($clearance)}: ".
            match ($fit->outcome) {
                Outcome::Fail => 'past a limit too.',
                Outcome::Pass => 'within both limits.',
                default => 'within both limits as far as it is read.',
            };
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

    private function measured(Finding $finding, string $name, Amount $value, Limits $limits, Amount $margin): string
    {
        $piston = $finding->criterion === Criterion::Clearance && count($finding->readings) === 1 ? ', even with a new piston' : '';
        $doubt = $finding->uncertainty === null ? '' : "; gauge uncertainty ±{$this->doubt($value, $finding->uncertainty)}";

        return "{$name} {$this->amounts->withUnit($value)}{$piston}, {$this->amounts->limits($limits)}: ".
            "{$this->against($finding, $value, $limits, $margin)}{$doubt}.{$this->close($finding, $margin)}";
    }

    private function against(Finding $finding, Amount $value, Limits $limits, Amount $margin): string
    {
        $amount = $this->amounts->difference($margin);
        $isBelow = $limits->least !== null && $value->value < $limits->least->value;

        return match (true) {
            $margin->isNegative() && (float) $amount === 0.0 => 'out by less than is shown',
            $margin->isNegative() => ($isBelow ? 'under by ' : 'over by ').$amount,
            $finding->outcome === Outcome::Missing => "{$amount} inside so far",
            $margin->value == 0 => 'on the limit, passes',
            default => "{$amount} inside",
        };
    }

    private function doubt(Amount $value, Uncertainty $uncertainty): string
    {
        return $this->amounts->text(
            Amount::of($value->measurand === Measurand::Mass ? Measurand::Mass : Measurand::Distance, $uncertainty->expanded()->nanometres),
        );
    }

    private function close(Finding $finding, Amount $margin): string
    {
        $isUndecided = $finding->outcome === Outcome::Undecided;

        return match (true) {
            ! $isUndecided && ! $finding->isCloseCall => '',
            $finding->readings !== [] => ' '.$this->settling(Settling::of($finding, $this->gauges)),
            $isUndecided => ' Undecided: read it again with a better gauge, or three times, or let a second person read it.',
            ! $margin->isNegative() => ' A close call: read it again with a better gauge, or let a second person read it.',
            default => '',
        };
    }

    private function settling(Settling $settling): string
    {
        $ways = array_filter([
            $settling->gauges === [] ? '' : 'read it with '.implode(' or ', array_slice($settling->gauges, 0, self::MOST_GAUGES)),
            $settling->temperatures ? 'take both temperatures' : '',
            $settling->scatter === null
                ? ''
                : 'repeat each reading '.
                    Settling::REPEATS.
                    " times or more, scattering by {$this->display->fine($settling->scatter)} at most (1σ)",
        ]);

        return $ways === []
            ? 'A close call that no gauge here and no repeats settle: let a second person read it, and decide.'
            : 'A close call. What settles it: '.implode(', or ', $ways).'; else a second person.';
    }
}
