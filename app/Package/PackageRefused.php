<?php

declare(strict_types=1);

namespace App\Package;

/** A text that is no package of a job, or one that was broken. */
final class PackageRefused extends \RuntimeException
{
    public static function unopened(string $file): self
    {
        return new self("{$file} cannot be opened.");
    }

    public static function because(string $clause): self
    {
        return new self("The package cannot be read: {$clause}");
    }
}
