<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** A plan that cannot be made from what is known. */
final class PlanningException extends CoreRefusal
{
    private function __construct(public readonly PlanningFault $fault, Message $said)
    {
        parent::__construct($said);
    }

    public static function noCylinders(): self
    {
        return new self(PlanningFault::TooFew, new Message('refusal.planning.no_cylinders'));
    }

    public static function sameCylinderTwice(int $number): self
    {
        return new self(PlanningFault::BadValue, new Message('refusal.planning.same_cylinder_twice', ['cylinder' => $number]));
    }

    public static function noPistonPrice(int $step): self
    {
        return new self(PlanningFault::MissingInput, new Message('refusal.planning.no_piston_price', ['step' => $step]));
    }

    /**
     * @param  string  $what  Code of what there is too little of, like `sizes`
     * @param  string  $of  Whose; empty where there is but one of it
     */
    public static function tooFew(string $what, int $count, int $needed, string $of = ''): self
    {
        return new self(
            PlanningFault::TooFew,
            new Message('refusal.planning.too_few', ['what' => self::what($what, $of), 'count' => $count, 'needed' => $needed]),
        );
    }

    public static function rangeNeeded(int $nominal): self
    {
        return new self(PlanningFault::RangeNeeded, new Message('refusal.planning.range_needed', ['nominal' => $nominal]));
    }

    public static function unequalCounts(): self
    {
        return new self(PlanningFault::UnequalCounts, new Message('refusal.planning.unequal_counts'));
    }

    public static function noClearanceVolume(): self
    {
        return new self(PlanningFault::NoClearanceVolume, new Message('refusal.planning.no_clearance_volume'));
    }

    public static function cannotAddMetal(): self
    {
        return new self(PlanningFault::CannotAddMetal, new Message('refusal.planning.cannot_add_metal'));
    }

    /** @param  string  $what  Code of what is missing, like `nominal_bore` */
    public static function missing(string $what): self
    {
        return new self(PlanningFault::MissingInput, new Message('refusal.planning.missing', ['what' => self::what($what, '')]));
    }

    /**
     * @param  string  $what  Code of the value, like `gasket_volume`
     * @param  string  $of  Whose; empty where there is but one of it
     */
    public static function impossible(string $what, int|float $value, string $of = ''): self
    {
        return new self(
            PlanningFault::BadValue,
            new Message('refusal.impossible', ['what' => self::what($what, $of), 'value' => (string) $value]),
        );
    }

    public static function sameChoiceTwice(string $part, string $choice): self
    {
        return new self(
            PlanningFault::BadValue,
            new Message('refusal.planning.same_choice_twice', ['part' => $part, 'choice' => $choice]),
        );
    }

    public static function samePartTwice(string $part): self
    {
        return new self(PlanningFault::BadValue, new Message('refusal.planning.same_part_twice', ['part' => $part]));
    }

    public static function noSuchChoice(string $part, string $choice): self
    {
        return new self(
            PlanningFault::UnknownWord,
            new Message('refusal.planning.no_such_choice', ['part' => $part, 'choice' => $choice]),
        );
    }

    public static function nothingAllowed(): self
    {
        return new self(PlanningFault::NothingAllowed, new Message('refusal.planning.nothing_allowed'));
    }

    private static function what(string $what, string $of): Message
    {
        $named = new Message("refusal.what.{$what}");

        return $of === '' ? $named : new Message('refusal.what_of', ['what' => $named, 'of' => $of]);
    }
}
