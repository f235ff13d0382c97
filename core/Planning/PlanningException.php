<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\CoreException;

/** A plan that cannot be made from what is known. */
final class PlanningException extends \DomainException implements CoreException
{
    private function __construct(public readonly PlanningFault $fault, string $message)
    {
        parent::__construct($message);
    }

    public static function noCylinders(): self
    {
        return new self(PlanningFault::TooFew, 'A rebore plan needs at least one cylinder that has been read.');
    }

    public static function sameCylinderTwice(int $number): self
    {
        return new self(PlanningFault::BadValue, "Cylinder {$number} stands twice in the plan. Name every cylinder once.");
    }

    public static function noPistonPrice(int $step): self
    {
        return new self(PlanningFault::MissingInput, "No piston set has a price for the step of {$step} nm. Add it to the price list.");
    }

    public static function impossible(string $what, int $value): self
    {
        return new self(PlanningFault::BadValue, "The {$what} cannot be {$value}.");
    }
}
