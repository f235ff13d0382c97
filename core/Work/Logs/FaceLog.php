<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

use NorthLedger\Core\Quantity\Length;

/**
 * The passes that were taken over a face, and what is left of the cut, of the height and of the stamped number (DECK-3, DECK-4, WORK-2).
 */
final readonly class FaceLog
{
    /**
     * @param  list<Length>  $passes  What each took off, oldest first
     * @param  ?Length  $planned  The cut that was ordered; null where it is as little as cleans up
     * @param  ?Length  $height  Before the first pass; null where it was not read
     * @param  ?Length  $leastHeight  Null where nobody knows it
     */
    public function __construct(
        public array $passes,
        public ?Length $planned,
        public Length $lightCut,
        public ?Length $height,
        public ?Length $leastHeight,
    ) {
    }

    public function taken(): Length
    {
        return array_reduce($this->passes, static fn (Length $sum, Length $pass): Length => $sum->plus($pass), Length::zero());
    }

    /** Of the ordered cut; null where none was ordered, zero where it is reached. */
    public function left(): ?Length
    {
        $left = $this->planned?->minus($this->taken());

        return $left === null || $left->isPositive() ? $left : Length::zero();
    }

    /** How many light cuts the rest takes, rounded up. */
    public function lightCutsLeft(): ?int
    {
        $left = $this->left();

        return $left === null ? null : (int) ceil($left->nanometres / $this->lightCut->nanometres);
    }

    public function heightNow(): ?Length
    {
        return $this->height?->minus($this->taken());
    }

    /** What may still come off before the least height; null where that is not known, negative where it is past it. */
    public function reserve(): ?Length
    {
        return $this->leastHeight === null ? null : $this->heightNow()?->minus($this->leastHeight);
    }

    /** True where a pass would leave less than the least height. */
    public function goesTooDeep(Length $pass): bool
    {
        $reserve = $this->reserve();

        return $reserve !== null && $pass->isLargerThan($reserve);
    }
}
