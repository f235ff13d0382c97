<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

use NorthLedger\Core\Gauging\Scale;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Mass;

/** One mass beside what a list says of it, with the doubt of the difference (WORK-5, GAUGE-5). */
final readonly class WeightDifference
{
    /**
     * @param  ?Mass  $ours  Null where it is not weighed
     * @param  ?int  $micrograms  Ours less theirs
     * @param  ?int  $doubt  In micrograms, U = 2u; null where nobody stated the scale
     */
    private function __construct(public ListedWeight $listed, public ?Mass $ours, public ?int $micrograms, public ?int $doubt)
    {
    }

    /** The list's own scale is not known: of it the last digit counts, and nothing else. */
    public static function of(ListedWeight $listed, ?Mass $ours, ?Scale $scale): self
    {
        $doubt = $scale?->uncertainty()->combinedWith(Uncertainty::ofStandard($listed->step->micrograms / sqrt(12)))->expanded()
            ->nanometres;

        return new self(
            $listed,
            $ours,
            $ours === null ? null : $ours->micrograms - $listed->mass->micrograms,
            $ours === null ? null : $doubt,
        );
    }

    /** True where the difference is within its doubt; null where nothing can be said. */
    public function agrees(): ?bool
    {
        return $this->micrograms === null || $this->doubt === null ? null : abs($this->micrograms) <= $this->doubt;
    }
}
