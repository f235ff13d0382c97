<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * A model without observers, global scopes or booting traits. The framework looks for those by reflection over every
 * method of every model, in every request; for ours it is said here what that search comes to.
 */
trait BootsPlainly
{
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = ['initializeHasAttributes'];
    }
}
