<?php

declare(strict_types=1);

namespace App\Stages\Work;

/** One operation of the order, ready to show. */
final readonly class WorkLine
{
    public function __construct(
        public string $key,
        public string $anchor,
        public string $title,
        public ?int $cylinder,
        public string $target,
        public string $range,
        public string $instruction,
        public string $tool,
        public string $check,
        public bool $isDone,
        public string $said,
        public string $stopped,
        public string $waitsFor,
        public string $actual,
        public bool $isActualOut,
    ) {
    }
}
