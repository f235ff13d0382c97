<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Features\Bores\ReboreOption;

/**
 * The way somebody chose, as it stood in the plan at that moment.
 *
 * @property string $ulid
 * @property string $option_key
 * @property ?array<string, mixed> $option  Of the bores; null where the engine has none to work
 * @property ?array<string, string> $parts  Codes of the choices for every part; null from before there was a plan of the whole engine
 * @property ?array<string, string> $recommended_parts
 * @property ?int $cost_minor
 * @property ?int $lead_days
 * @property string $recommended_key
 * @property ?string $reason
 * @property int $policy_revision
 */
final class PlanChoice extends Entry
{
    protected $table = 'plan_choices';

    public function chosen(): ?ReboreOption
    {
        return $this->option === null ? null : OptionRecord::read($this->option);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['option' => 'array', 'parts' => 'array', 'recommended_parts' => 'array', 'created_at' => 'datetime'];
    }
}
