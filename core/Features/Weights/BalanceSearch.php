<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

/**
 * A way to find an even assignment.
 *
 * @internal
 */
interface BalanceSearch
{
    /**
     * @param  non-empty-list<list<int>>  $masses  By kind
     * @return non-empty-list<list<int>> By kind: the part in each cylinder
     */
    public function best(array $masses): array;
}
