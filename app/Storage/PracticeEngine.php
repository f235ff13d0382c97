<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Simulation\BlockDifficulty;

/**
 * A simulated engine that somebody judges at the practice bench.
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
 * @property array<string, int|string> $worn  What is there instead of what is sound, by place key
 * @property int $generation  How its parts were made
 * @property ?int $sight  Number of the crack-prone place where a line shows
 * @property bool $is_crack
 * @property int $job_id  In the database of the practice
 * @property int $clock_ahead  Seconds that its clock was let run
 * @property Carbon $created_at
 * @property ?array<string, string> $stated  What each part was called; null until it is judged, as with what follows
 * @property ?string $way
 * @property ?int $points
 * @property ?Carbon $answered_at
 */
final class PracticeEngine extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    /** It is kept with the people who practise; what they key lies in the other house. */
    protected $connection = 'mariadb';

    protected $table = 'practice_engines';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

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
            'worn' => 'array',
            'generation' => 'integer',
            'is_crack' => 'boolean',
            'stated' => 'array',
            'created_at' => 'datetime',
            'answered_at' => 'datetime',
        ];
    }
}
