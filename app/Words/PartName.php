<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Features\Receiving\PartLine;

/** What a kind of part is called that is counted in. */
final class PartName
{
    public static function of(PartLine $line): string
    {
        $name = $line->words === ''
            ? Line::counted('receive.part.name.'.str_replace('-', '_', $line->code()), $line->count)
            : $line->words;

        return $line->isRare ? Line::of('receive.part.rare', ['part' => $name]) : $name;
    }
}
