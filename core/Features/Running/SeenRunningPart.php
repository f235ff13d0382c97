<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Running;

/** One running part as somebody saw it, and whether it goes back in. */
final readonly class SeenRunningPart
{
    public function __construct(public RunningPart $part, public RunningLook $look, public bool $isReplaced, public string $remark)
    {
    }

    /** @return list<Suspicion> */
    public function suspicions(): array
    {
        return Suspicion::of($this->part, $this->look);
    }
}
