<?php

declare(strict_types=1);

namespace App\Security;

use Illuminate\Support\Carbon;

/** One device on which somebody is logged in. */
final readonly class OpenSession
{
    public function __construct(
        /** Says which one it is without being good for anything else */
        public string $hash,
        public string $device,
        public string $address,
        public Carbon $lastUsed,
        public bool $isThisOne,
    ) {
    }
}
