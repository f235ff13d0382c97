<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Words\Line;
use NorthLedger\Core\Engine\Specification\FollowingValue;
use NorthLedger\Core\Engine\Specification\WhatFollows;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;

/** What follows from the values of a sheet, as it is read beside them. */
final readonly class FollowingLine
{
    private const CUBIC_MILLIMETRES_PER_CC = 1_000;

    private function __construct(public string $label, public string $value, public bool $fits)
    {
    }

    /**
     * @param  array<mixed>  $document
     * @return list<self>
     */
    public static function all(array $document): array
    {
        $unit = LengthUnit::tryFrom(is_string($document['unit'] ?? null) ? $document['unit'] : '') ?? LengthUnit::Inch;

        return array_map(
            static fn (FollowingValue $one): self => new self(
                Line::of("spec.follows.{$one->code}"),
                self::value($one, LengthDisplay::in($unit)),
                $one->fits,
            ),
            WhatFollows::of($document),
        );
    }

    private static function value(FollowingValue $one, LengthDisplay $display): string
    {
        return match (true) {
            $one->code === 'displacement' => number_format((float) $one->number / self::CUBIC_MILLIMETRES_PER_CC, 0, '.', ' ').' cc',
            $one->lengths === null => is_finite((float) $one->number) ? number_format((float) $one->number, 2) : Line::of('spec.no_volume'),
            $one->lengths->least->equals($one->lengths->most) => $display->size($one->lengths->most),
            default => RangeText::of($display->size($one->lengths->least), $display->size($one->lengths->most)),
        };
    }
}
