<?php

declare(strict_types=1);

namespace App\Pages;

/** One row of a sheet. */
final readonly class SheetRow
{
    /**
     * @param  'reading'|'look'|'derived'  $kind
     * @param  string  $group  Heading where a group begins, else empty
     * @param  list<SheetCell>  $cells
     */
    public function __construct(public string $kind, public string $group, public string $label, public array $cells)
    {
    }
}
