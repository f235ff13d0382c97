<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

/** A refusal, as the code that the cases expect. */
final class Refusal extends \RuntimeException
{
    public static function withCode(string $code): self
    {
        return new self($code);
    }
}
