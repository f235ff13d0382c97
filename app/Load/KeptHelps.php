<?php

declare(strict_types=1);

namespace App\Load;

use Illuminate\Contracts\Cache\Repository;
use NorthLedger\Core\Scheduling\Help;
use NorthLedger\Core\Scheduling\LateJob;

/** What would help the late jobs of one plan: each is planned a dozen times for it, once as long as the plan stands (LOAD-4). */
final readonly class KeptHelps
{
    /** @param  string  $plan  Identifies the plan that they belong to */
    public function __construct(private Repository $cache, private string $plan, private int $seconds)
    {
    }

    /** @return list<Help> The most helpful first */
    public function of(LateJob $late): array
    {
        return $this->cache->remember("{$this->plan}.{$late->code}", $this->seconds, static fn (): array => $late->whatHelps());
    }
}
