<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

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

    public static function tooFew(string $what, int $count, int $needed): self
    {
        return new self(PlanningFault::TooFew, "{$count} of the {$what} are read; at least {$needed} are needed.");
    }

    public static function rangeNeeded(int $nominal): self
    {
        return new self(
            PlanningFault::RangeNeeded,
            "For a bore of {$nominal} nm there is no usual interference. Give the range that the specification says.",
        );
    }

    public static function unequalCounts(): self
    {
        return new self(PlanningFault::UnequalCounts, 'There must be one of every kind of part for each cylinder. Weigh the missing ones.');
    }

    public static function noClearanceVolume(): self
    {
        return new self(
            PlanningFault::NoClearanceVolume,
            'These volumes leave nothing above the piston. Check the chamber, the gasket and the sign of the crown.',
        );
    }

    public static function cannotAddMetal(): self
    {
        return new self(
            PlanningFault::CannotAddMetal,
            'A cut cannot make a chamber larger. Choose a target at or below what it holds now.',
        );
    }

    public static function missing(string $what): self
    {
        return new self(PlanningFault::MissingInput, "{$what} is needed for this.");
    }

    public static function impossible(string $what, int|float $value): self
    {
        return new self(PlanningFault::BadValue, "The {$what} cannot be {$value}.");
    }

    public static function sameChoiceTwice(string $part, string $choice): self
    {
        return new self(PlanningFault::BadValue, "The choice “{$choice}” stands twice for {$part}. Name every choice once.");
    }

    public static function samePartTwice(string $part): self
    {
        return new self(PlanningFault::BadValue, "{$part} stands twice in the plan. Name every part once.");
    }

    public static function noSuchChoice(string $part, string $choice): self
    {
        return new self(PlanningFault::UnknownWord, "There is no choice “{$choice}” for {$part}. Take one of those that the plan offers.");
    }

    public static function nothingAllowed(): self
    {
        return new self(
            PlanningFault::NothingAllowed,
            'No plan is allowed: whatever is chosen, something comes out of its range. Offer another choice for one of the parts.',
        );
    }
}
