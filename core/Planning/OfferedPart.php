<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Engine\Specification\EnginePart;

/** A part of this engine that needs something, and everything that can be done about it (PLAN-1). */
final readonly class OfferedPart
{
    /**
     * @param  string  $code  “bores”, “mains”, “deck.2”
     * @param  list<OfferedChoice>  $choices  What the readings ask for first
     * @param  ?string  $host  The code of the part that it comes with where that one is replaced
     * @param  ?int  $bank  Whose deck or head is cut; null where it is none of one bank
     * @param  string  $about  What it is, where its code does not say: the place of a crack
     */
    public function __construct(
        public string $code,
        public EnginePart $part,
        public array $choices,
        public ?string $host = null,
        public ?int $bank = null,
        public string $about = '',
    ) {
    }

    public function choice(string $code): ?OfferedChoice
    {
        foreach ($this->choices as $choice) {
            if ($choice->code() === $code) {
                return $choice;
            }
        }

        return null;
    }

    /** @return list<OfferedChoice> That may be taken */
    public function open(): array
    {
        return array_values(array_filter($this->choices, static fn (OfferedChoice $choice): bool => ! $choice->isForbidden()));
    }

    /** The same with nothing but one of its choices. */
    public function only(OfferedChoice $choice): self
    {
        return new self($this->code, $this->part, [$choice], $this->host, $this->bank, $this->about);
    }

    /** The same without those choices that this stands against. */
    public function without(Bar $bar): self
    {
        $choices = array_filter($this->choices, static fn (OfferedChoice $choice): bool => ! in_array($bar, $choice->bars, true));

        return new self($this->code, $this->part, array_values($choices), $this->host, $this->bank, $this->about);
    }

    /** The same with one choice more, at the end. */
    public function with(OfferedChoice $choice): self
    {
        return new self($this->code, $this->part, [...$this->choices, $choice], $this->host, $this->bank, $this->about);
    }
}
