<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A row that is only ever added: who wrote it for which job and when.
 *
 * @property int $id
 * @property int $job_id
 * @property int $user_id
 * @property \Illuminate\Support\Carbon $created_at
 * @property User $user
 */
abstract class Entry extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
