<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Quantity\Length;

/** The one size step of a block (BORE-4, BORE-10), from its bores; unknown while none shows it or they differ. */
final readonly class BlockStep
{
    /** @param  list<int>  $against  Cylinders whose readings show another step than the declared one */
    private function __construct(public ?Length $value, public bool $boresDiffer, public array $against)
    {
    }

    /** @param  list<JudgedBore>  $bores */
    public static function of(array $bores, ?Length $declared): self
    {
        $measured = [];
        $against = [];
        foreach ($bores as $bore) {
            if ($bore->step->source === StepSource::Measured && $bore->step->value !== null) {
                $measured[$bore->step->value->nanometres] = $bore->step->value;
            }
            if ($bore->step->differsFromDeclared) {
                $against[] = $bore->cylinder();
            }
        }

        return match (count($measured)) {
            0 => new self($declared, false, $against),
            1 => new self(reset($measured), false, $against),
            default => new self(null, true, $against),
        };
    }
}
