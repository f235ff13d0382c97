<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * One revision of the shop's policy; revision 0 ships with the application.
 *
 * @property int $number
 * @property array<string, mixed> $policy
 */
final class PolicyRevision extends Entry
{
    protected $table = 'policy_revisions';

    public $incrementing = false;

    protected $primaryKey = 'number';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['policy' => 'array', 'created_at' => 'datetime'];
    }
}
