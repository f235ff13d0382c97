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

    /**
     * What would have to be different for one cylinder to stay (VER-3). Failures at one place are met by the largest change.
     *
     * @param  non-empty-list<Finding>  $failures  Of one cylinder
     */
    public function change(array $failures): string
    {
        $byPlace = [];
        foreach ($failures as $finding) {
            if ($finding->margin === null || $finding->readings === []) {
                $byPlace[] = "no {$finding->criterion->label()}";

                continue;
            }
            $place = $finding->readings[0]->place;
            $standing = $byPlace[$place->key()] ?? null;
            $byPlace[$place->key()] = $standing instanceof Length && $standing->isLargerThan($finding->margin->absolute()) ? $standing : $finding->margin->absolute();
        }
        $parts = array_map(
            fn (int|string $key, Length|string $change): string => is_string($change) ? $change : "{$this->display->magnitudeWithUnit($change)} less at {$this->at(Place::parse((string) $key))}",
            array_keys($byPlace), $byPlace,
        );

        return implode(' and ', $parts)." of cylinder {$failures[0]->cylinder}, and it could stay.";
    }

    private function measured(Finding $finding, string $name, Length $value, Length $limit, Length $margin): string
    {
        $doubt = $finding->uncertainty?->expanded() ?? Length::zero();
        $close = $finding->isCloseCall ? ' A close call: measure again with a better gauge, or a second person.' : '';
        $amount = $this->display->magnitudeWithUnit($margin);
        $against = match (true) {
            $margin->isNegative() && (float) $this->display->magnitude($margin) === 0.0 => 'over it by less than is shown',
            $margin->isNegative() => "over by {$amount}",
            $finding->outcome === Outcome::Missing => "{$amount} inside so far",
            $margin->isZero() => 'exactly at it, which holds',
            default => "{$amount} inside",
        };

        $piston = $finding->criterion === Criterion::Clearance && count($finding->readings) === 1 ? ', even with a new piston' : '';

        return "{$name} {$this->display->magnitude($value)}{$piston}, limit {$this->display->magnitude($limit)}: {$against}; the gauge’s doubt is ±{$this->display->magnitude($doubt)}.{$close}";
    }

    private function at(Place $place): string
    {
        return "{$place->station?->value} {$place->axis?->label()}";
    }
}
