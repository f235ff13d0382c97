<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

/** What a finding is about: “Main 3”. The code is its identity and is stored; the label is what people read. */
final readonly class Subject
{
    private function __construct(public string $code, public string $label)
    {
    }

    public static function bore(int $cylinder): self
    {
        return new self("bore.{$cylinder}", "Cylinder {$cylinder}");
    }

    public static function rod(int $rod): self
    {
        return new self("rod.{$rod}", "Rod {$rod}");
    }

    /** Of its kind: 3 of “main.3”, “valve.3.in”; 0 where there is only one. */
    public function number(): int
    {
        return (int) (explode('.', $this->code)[1] ?? 0);
    }

    /** What it is one of, without its number: “main” of “main.3”, “valve.in” of “valve.3.in2”. */
    public function kind(): string
    {
        return (string) preg_replace('/\.?\d+/', '', $this->code);
    }

    public static function of(string $code, string $label): self
    {
        return new self($code, $label);
    }
}
