<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What was done to a gauge or master: registered, calibrated, studied, retired, given a token. Only ever added.
 *
 * @property string $ulid
 * @property ?int $gauge_id
 * @property ?int $master_id
 * @property string $kind
 * @property array<string, mixed> $said
 * @property ?string $certificate_hash
 * @property ?string $certificate_name
 * @property Carbon $created_at
 * @property User $user
 */
final class GaugeEvent extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    protected $table = 'gauge_events';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['said' => 'array', 'created_at' => 'datetime'];
    }
}
