<?php

declare(strict_types=1);

namespace App\Stages\Judge;

use App\Pages\FindingLine;
use App\Pages\Stamp;

/** One judged bore, ready to show. */
final readonly class JudgedBoreView
{
    /**
     * @param  array<string, string>  $facts
     * @param  list<FindingLine>  $findings
     */
    public function __construct(
        public int $cylinder,
        public Stamp $stamp,
        public array $facts,
        public array $findings,
        public string $remark,
    ) {
    }
}
