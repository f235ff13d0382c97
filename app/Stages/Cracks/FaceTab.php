<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

/** One face of the crack map as it is chosen: its name, its address, and how it stands. */
final readonly class FaceTab
{
    /** @param  'missing'|'close'|'out'|'good'  $state */
    public function __construct(
        public string $name,
        public string $address,
        public bool $isShown,
        public string $state,
        public string $sign,
        public string $words,
    ) {
    }
}
