<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Message;

/** Something found in a part beside its sizes: a crack, a gap at the parting face, a case that was blasted. */
final readonly class PartDefect
{
    private function __construct(
        public EnginePart $part,
        public Remedy $remedy,
        public ?int $cylinder,
        public string $rule,
        public Message $said,
        public bool $isUnchecked = false,
    ) {
    }

    /** @param  non-empty-string  $rule */
    public static function found(EnginePart $part, Remedy $remedy, string $rule, Message $said, ?int $cylinder = null): self
    {
        return new self($part, $remedy, $cylinder, $rule, $said);
    }

    /** Nobody has looked yet; it is open where the shop needs it, else only noted. */
    public static function unchecked(EnginePart $part, bool $isNeeded, string $rule, Message $said): self
    {
        return new self($part, $isNeeded ? Remedy::Decide : Remedy::Nothing, null, $rule, $said, isUnchecked: true);
    }

    /** Something of the part is sleeved, welded or stitched: the customer decides. */
    public function isRepaired(): bool
    {
        return $this->remedy === Remedy::Sleeve || $this->remedy === Remedy::Repair;
    }

    public function isScrap(): bool
    {
        return $this->remedy === Remedy::Scrap;
    }
}
