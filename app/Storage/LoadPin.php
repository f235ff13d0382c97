<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * The minute in which somebody wants a kind of work of a job to start.
 *
 * @property int $id
 * @property int $job_id
 * @property string $kind
 * @property Carbon $starts_at
 * @property int $user_id
 * @property User $user
 */
final class LoadPin extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    protected $table = 'load_pins';

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** What a page that shows it says of it, so that two people do not move it over each other. */
    public static function mark(?self $pin): string
    {
        return $pin === null ? '' : (string) $pin->id.'@'.$pin->starts_at->getTimestamp();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_at' => 'datetime', 'job_id' => 'integer', 'user_id' => 'integer'];
    }
}
