<?php

declare(strict_types=1);

namespace App\Sheet\Import;

use App\Words\Line;

/** A text that is no sheet of readings at all. */
final class CsvRefused extends \RuntimeException
{
    public static function empty(): self
    {
        return new self(Line::of('sheet.told.nothing_read_line_with'));
    }

    public static function tooLong(int $rows, int $most): self
    {
        return new self(Line::of('sheet.csv.too_long', ['rows' => $rows, 'most' => $most]));
    }

    /** @param  array<string>  $missing */
    public static function columns(array $missing): self
    {
        return new self(
            Line::of('sheet.csv.columns', ['missing' => implode(', ', $missing)]),
        );
    }
}
