<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Simulation\BlockDifficulty;

/**
 * A simulated block that somebody judges at the practice bench.
 *
 * @property int $id
 * @property string $ulid
 * @property int $user_id
 * @property string $family
 * @property int $family_revision
 * @property int $policy_revision
 * @property BlockDifficulty $difficulty
 * @property int $seed
 * @property int $attempt  Which block of that seed
 * @property Carbon $created_at
 * @property ?bool $can_stay  Null until it is judged, as with what follows
 * @property ?string $way
 * @property ?int $points
 * @property ?Carbon $answered_at
 * @property \Illuminate\Database\Eloquent\Collection<int, PracticeBlockEvent> $events
 */
final class PracticeBlock extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    protected $table = 'practice_blocks';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return HasMany<PracticeBlockEvent, $this> Oldest first */
    public function events(): HasMany
    {
        return $this->hasMany(PracticeBlockEvent::class)->orderBy('id');
    }

    public function isAnswered(): bool
    {
        return $this->answered_at !== null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'difficulty' => BlockDifficulty::class,
            'seed' => 'integer',
            'created_at' => 'datetime',
            'answered_at' => 'datetime',
            'can_stay' => 'boolean',
        ];
    }
}
