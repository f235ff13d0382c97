<?php

declare(strict_types=1);

namespace App\Shop;

use App\Storage\Family;
use App\Storage\SpecBook;
use App\Words\Line;

/** The price list as a table to type in. */
final readonly class PricePage
{
    /**
     * @param  array<string, string>  $families  Names by code
     * @param  array<string, string>  $fields  Heads of the columns, by field
     * @param  list<array{code: string, name: string, typed: array<string, string>}>  $rows
     */
    private function __construct(public string $family, public array $families, public array $fields, public array $rows)
    {
    }

    /** @param  list<PriceLine>  $lines */
    public static function of(string $family, array $lines, SpecBook $specs): self
    {
        $families = [];
        foreach (Family::query()->orderBy('name')->limit(500)->pluck('name', 'family')->all() as $code => $name) {
            $families[(string) $code] = (string) $name;
        }

        return new self(
            $family,
            $families,
            array_combine(
                array_keys(PriceLine::FIELDS),
                array_map(static fn (string $field): string => Line::of("price.field.{$field}"), array_keys(PriceLine::FIELDS)),
            ),
            array_map(
                static fn (PriceLine $line): array => [
                    'code' => $line->item->value,
                    'name' => Line::ofCode('price.item', $line->item),
                    'typed' => $line->typed,
                ],
                $lines,
            ),
        );
    }
}
