<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

/** What a finding is about: “Main 3”. The code is its identity and is stored; the label is what people read. */
final readonly class Subject
{
    private function __construct(public string $code, public string $label)
    {
    }

    public static function of(string $code, string $label): self
    {
        return new self($code, $label);
    }
}
