<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

/** What was seen and felt in one bore; null where nobody has looked. */
final readonly class BoreLooks
{
    public function __construct(
        public ?CrackLook $crack = null,
        public ?RidgeLook $ridgeAtTop = null,
        public ?RidgeLook $ridgeAtBottom = null,
        public ?ScoringLook $scoring = null,
        public ?PittingClass $pitting = null,
        public bool $pittingConceded = false,
        public ?FinishLook $finish = null,
    ) {
    }

    public function conceded(): self
    {
        return new self($this->crack, $this->ridgeAtTop, $this->ridgeAtBottom, $this->scoring, $this->pitting, true);
    }

    public function cleared(): self
    {
        return new self(
            CrackLook::NoneSeen,
            $this->ridgeAtTop,
            $this->ridgeAtBottom,
            $this->scoring,
            $this->pitting,
            $this->pittingConceded,
        );
    }

    public function cracked(): self
    {
        return new self(CrackLook::Crack, $this->ridgeAtTop, $this->ridgeAtBottom, $this->scoring, $this->pitting, $this->pittingConceded);
    }

    public function showsCrack(): bool
    {
        return $this->crack === CrackLook::Crack || $this->crack === CrackLook::Hole;
    }
}
