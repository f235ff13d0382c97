<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

/** What follows from values of a sheet, held against what the sheet says of it. */
final readonly class FollowingValue
{
    /**
     * @param  string  $code  Of what follows, like “mains_oil_clearance”
     * @param  ?LengthRange  $lengths  Null where it is a number
     * @param  ?float  $number  A ratio, or cubic millimetres; null where it is a length
     * @param  bool  $fits  False where the sheet says something else; true where it says nothing of it
     */
    private function __construct(public string $code, public ?LengthRange $lengths, public ?float $number, public bool $fits)
    {
    }

    public static function length(string $code, LengthRange $lengths, bool $fits): self
    {
        return new self($code, $lengths, null, $fits);
    }

    public static function number(string $code, float $number, bool $fits = true): self
    {
        return new self($code, null, $number, $fits);
    }
}
