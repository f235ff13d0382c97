<?php

declare(strict_types=1);

namespace App\Shop;

/** The supplier could not be asked, or answered what nobody can use. */
final class SupplierSilent extends \RuntimeException
{
    public static function because(string $what): self
    {
        return new self("{$what} Nothing was changed; the list holds as it is typed.");
    }
}
