<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** What a simulation cannot do. */
final class SimulationException extends CoreRefusal
{
    public static function noBore(string $place): self
    {
        return new self(new Message('refusal.simulation.no_bore', ['place' => $place]));
    }

    /** @param  string  $what  Code of the property, like `resolution` */
    public static function negative(string $what, int $nanometres): self
    {
        return new self(
            new Message('refusal.gauging.negative', ['what' => new Message("refusal.what.{$what}"), 'value' => $nanometres]),
        );
    }

    public static function nothingToJudge(string $family): self
    {
        return new self(new Message('refusal.simulation.nothing_to_judge', ['family' => $family]));
    }
}
