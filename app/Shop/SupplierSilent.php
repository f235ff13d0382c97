<?php

declare(strict_types=1);

namespace App\Shop;

use App\Words\Line;

/** The supplier could not be asked, or answered what nobody can use. */
final class SupplierSilent extends \RuntimeException
{
    public static function because(string $what): self
    {
        return new self(Line::of('price.nothing_changed', ['what' => $what]));
    }
}
