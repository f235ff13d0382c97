<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\CoreException;

/** A pressure that cannot be. */
final class ImpossibleReading extends \DomainException implements CoreException
{
    public static function belowZero(): self
    {
        return new self('Pressures, minutes and leaks cannot be below zero. Read the gauge again.');
    }

    public static function rose(): self
    {
        return new self('The pressure rose. The part warmed up, or the valve is not shut: let it settle and begin again.');
    }
}
