<?php

declare(strict_types=1);

namespace App\Stages\Plan;

/** One choice of a part, ready to show. */
final readonly class EnginePlanCell
{
    /** @param  string  $bars  Why it is not recommended, or forbidden; empty where neither */
    public function __construct(
        public string $code,
        public string $name,
        public string $cost,
        public string $bars,
        public bool $isForbidden,
        public bool $isSelected,
        public bool $isRecommended,
        public bool $isChosen,
    ) {
    }
}
