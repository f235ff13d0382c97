<?php

declare(strict_types=1);

namespace App\Shop;

use App\Words\Line;

/** One price that would change, in words. */
final readonly class PriceChange
{
    /** @param  list<string>  $changes  A clause for each field that differs */
    private function __construct(public string $name, public string $family, public array $changes)
    {
    }

    /** @param  array{line: PriceLine, was: ?PriceLine}  $change */
    public static function of(array $change): self
    {
        [$line, $was] = [$change['line'], $change['was']];
        $changes = [];
        foreach (array_keys(PriceLine::FIELDS) as $field) {
            [$before, $after] = [$was->typed[$field] ?? '–', $line->isEmpty() ? '–' : $line->typed[$field]];
            if ($before !== $after) {
                $changes[] = Line::of("price.field.{$field}").": {$before} → {$after}";
            }
        }

        return new self(Line::ofCode('price.item', $line->item), $line->family, $changes);
    }
}
