<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Features\Bores\ReboreOption;

/**
 * The way somebody chose, as it stood in the plan at that moment.
 *
 * @property string $ulid
 * @property string $option_key
 * @property array<string, mixed> $option
 * @property string $recommended_key
 * @property ?string $reason
 * @property int $policy_revision
 */
final class PlanChoice extends Entry
{
    public function chosen(): ReboreOption
    {
        return OptionRecord::read($this->option);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['option' => 'array', 'created_at' => 'datetime'];
    }
}
