<?php

declare(strict_types=1);

namespace App\Package;

use App\Words\Line;

/** A text that is no package of a job, or one that was broken. */
final class PackageRefused extends \RuntimeException
{
    public static function unopened(string $file): self
    {
        return new self(Line::of('history.package.unopened', ['file' => $file]));
    }

    /** Something in it is no value that can stand there: what PHP says of that is nobody's language. */
    public static function malformed(): self
    {
        return self::because(Line::of('history.package.malformed'));
    }

    public static function because(string $clause): self
    {
        return new self(Line::of('history.package.unread', ['why' => $clause]));
    }
}
