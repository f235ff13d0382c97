<?php

declare(strict_types=1);

namespace App\Stages\Receive;

/** One kind of part as it is counted in, ready to show. */
final readonly class PartCountLine
{
    public function __construct(
        public string $key,
        public string $words,
        public int $of,
        public string $state,
        public string $sign,
        public string $count,
        public string $remark,
        public bool $countDiffers,
    ) {
    }
}
