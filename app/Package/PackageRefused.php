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

    /** Something in it is no value that can stand there: what PHP says of that is nobody's language. */
    public static function malformed(): self
    {
        return self::because('a value in it is missing, or is none that can stand there; resources/packages/job.schema.json says what can');
    }

    public static function because(string $clause): self
    {
        return new self("The package cannot be read: {$clause}");
    }
}
