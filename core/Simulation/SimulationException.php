<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\CoreException;

/** What a simulation cannot do. */
final class SimulationException extends \DomainException implements CoreException
{
    public static function noBore(string $place): self
    {
        return new self("“{$place}” is no place of a bore of the simulated engine.");
    }

    public static function negative(string $what, int $nanometres): self
    {
        return new self("The {$what} of a simulated gauge cannot be below zero: {$nanometres} nm.");
    }

    public static function nothingToJudge(string $family): self
    {
        return new self("{$family}: without limits and pistons there is nothing to judge a simulated block by.");
    }
}
