<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** Points from which a shape cannot be found. */
final class GeometryException extends CoreRefusal
{
    private function __construct(public readonly GeometryFault $fault, Message $said)
    {
        parent::__construct($said);
    }

    public static function noPoints(): self
    {
        return new self(GeometryFault::TooFew, new Message('refusal.geometry.no_points'));
    }

    public static function tooFewDirections(int $directions, int $needed): self
    {
        return new self(
            GeometryFault::TooFew,
            new Message('refusal.geometry.too_few_directions', ['count' => $directions, 'needed' => $needed]),
        );
    }

    public static function fourSupports(int $count): self
    {
        return new self(GeometryFault::TooFew, new Message('refusal.geometry.four_supports', ['count' => $count]));
    }

    public static function tiltNotDetermined(): self
    {
        return new self(GeometryFault::TiltNotDetermined, new Message('refusal.geometry.tilt_not_determined'));
    }

    public static function supportsInLine(): self
    {
        return new self(GeometryFault::SupportsInLine, new Message('refusal.geometry.supports_in_line'));
    }

    /** @param  string  $what  Code of the value, like `light_cut` */
    public static function impossible(string $what, float|int $value): self
    {
        return new self(
            GeometryFault::BadValue,
            new Message('refusal.impossible', ['what' => new Message("refusal.what.{$what}"), 'value' => (string) $value]),
        );
    }
}
