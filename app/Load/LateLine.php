<?php

declare(strict_types=1);

namespace App\Load;

/** Why a job is late, in a sentence, with the chain that makes it so (LOAD-4). */
final readonly class LateLine
{
    /**
     * @param  list<array{work: string, when: string, why: string}>  $chain  From the first thing that has to be done to the last
     * @param  ?list<string>  $helps  What would help, each tried; null where nobody asked yet
     */
    public function __construct(
        public string $tag,
        public string $says,
        public string $ready,
        public string $because,
        public array $chain,
        public ?array $helps,
    ) {
    }
}
