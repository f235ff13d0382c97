<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

use NorthLedger\Core\Message;

/** What a finding is about: “Main 3”. The code is its identity and is stored; the name is what is said of it. */
final readonly class Subject
{
    private function __construct(public string $code, public Message $name)
    {
    }

    public static function bore(int $cylinder): self
    {
        return self::numbered('bore', $cylinder);
    }

    public static function rod(int $rod): self
    {
        return self::numbered('rod', $rod);
    }

    /** One of several: “main” and 3. */
    public static function numbered(string $kind, int $number): self
    {
        return new self("{$kind}.{$number}", new Message("places.subject.{$kind}", ['number' => $number]));
    }

    /** What there is one of: “crankshaft”, or all of them together: “rods”. */
    public static function the(string $kind): self
    {
        return new self($kind, new Message("places.subject.{$kind}"));
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

    public static function of(string $code, Message $name): self
    {
        return new self($code, $name);
    }
}
