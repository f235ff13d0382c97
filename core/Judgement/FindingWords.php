<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says a finding in one plain sentence; it computes nothing. */
final readonly class FindingWords
{
    public function __construct(private LengthDisplay $display)
    {
    }

    public function sentence(Finding $finding): string
    {
        $name = ucfirst($finding->criterion->label());

        return match (true) {
            $finding->value !== null && $finding->limit !== null && $finding->margin !== null => $this->measured($finding, $name, $finding->value, $finding->limit, $finding->margin),
            $finding->outcome === Outcome::Missing && $finding->look !== '' => "{$name}: {$finding->look}. Clean it and check again.",
            $finding->outcome === Outcome::Missing => "{$name}: not read.",
            $finding->outcome === Outcome::Concession => "{$name}: {$finding->look}, accepted by a signed concession.",
            $finding->outcome === Outcome::Fail => "{$name}: {$finding->look}. It cannot stay like that.",
            default => "{$name}: {$finding->look}.",
        };
    }

    /** What would have to be different for the finding to hold (VER-3). */
    public function change(Finding $finding): string
    {
        if ($finding->margin === null || $finding->readings === []) {
            return "Without the {$finding->criterion->label()} in cylinder {$finding->cylinder}, that would hold.";
        }

        return "{$this->display->magnitudeWithUnit($finding->margin)} less at {$this->at($finding->readings[0]->place)}, and its {$finding->criterion->label()} would hold.";
    }

    private function measured(Finding $finding, string $name, Length $value, Length $limit, Length $margin): string
    {
        $doubt = $finding->uncertainty?->expanded() ?? Length::zero();
        $close = $finding->isCloseCall ? ' A close call: measure again with a better gauge, or a second person.' : '';
        $amount = $this->display->magnitudeWithUnit($margin);
        $against = match (true) {
            $margin->isNegative() => "over by {$amount}",
            $finding->outcome === Outcome::Missing => "{$amount} inside so far",
            $margin->isZero() => 'exactly at it, which holds',
            default => "{$amount} inside",
        };

        return "{$name} {$this->display->magnitude($value)}, limit {$this->display->magnitude($limit)}: {$against}; the gauge's doubt is ±{$this->display->magnitude($doubt)}.{$close}";
    }

    private function at(Place $place): string
    {
        return "{$place->station?->value} {$place->axis?->label()} of cylinder {$place->cylinder}";
    }
}
