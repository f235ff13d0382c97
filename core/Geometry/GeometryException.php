<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

use NorthLedger\Core\CoreException;

/** Points from which a shape cannot be found. */
final class GeometryException extends \DomainException implements CoreException
{
    private function __construct(public readonly GeometryFault $fault, string $message)
    {
        parent::__construct($message);
    }

    public static function noPoints(): self
    {
        return new self(GeometryFault::TooFew, 'There are no points. Read at least one height.');
    }

    public static function tooFewDirections(int $directions, int $needed): self
    {
        return new self(GeometryFault::TooFew, "The wall was traced in {$directions} directions; {$needed} different ones are needed.");
    }

    public static function fourSupports(int $count): self
    {
        return new self(GeometryFault::TooFew, "A face stands on four supports, and {$count} are given.");
    }

    public static function tiltNotDetermined(): self
    {
        return new self(
            GeometryFault::TiltNotDetermined,
            'All points lie in one line: the tilt across it is not known. Read a height beside the line.',
        );
    }

    public static function supportsInLine(): self
    {
        return new self(GeometryFault::SupportsInLine, 'The four supports lie in one line and cannot hold a plane.');
    }

    public static function impossible(string $what, float|int $value): self
    {
        return new self(GeometryFault::BadValue, "The {$what} cannot be {$value}.");
    }
}
