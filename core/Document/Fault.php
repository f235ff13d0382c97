<?php

declare(strict_types=1);

namespace NorthLedger\Core\Document;

/** One thing wrong in a document: where, what stands there, what is expected. */
final readonly class Fault
{
    public function __construct(public string $path, public string $value, public string $expected)
    {
    }

    public function sentence(): string
    {
        return "{$this->path}: found {$this->value}, expected {$this->expected}.";
    }
}
