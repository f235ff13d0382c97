<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that was read, looked at or done with the gauge at a simulated block.
 *
 * @property int $id
 * @property string $ulid
 * @property int $practice_block_id
 * @property BlockEvent $kind
 * @property string $place
 * @property string $typed
 * @property ?int $value_nm  A size, or what the gauge showed on its master
 * @property ?string $look
 * @property Carbon $created_at
 */
final class PracticeBlockEvent extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    protected $table = 'practice_block_events';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => BlockEvent::class, 'created_at' => 'datetime'];
    }
}
