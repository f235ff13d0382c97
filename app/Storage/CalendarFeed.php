<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A calendar that another program reads, known by a token alone.
 *
 * @property int $id
 * @property string $token_hash
 * @property ?string $machine  Null: the days on which jobs are due
 * @property string $name
 * @property Carbon $created_at
 * @property ?Carbon $withdrawn_at
 */
final class CalendarFeed extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    protected $table = 'calendar_feeds';

    protected $guarded = [];

    /** Null where there is none, or it was withdrawn. */
    public static function behind(string $token): ?self
    {
        return self::query()->where('token_hash', hash('sha256', $token))->whereNull('withdrawn_at')->first();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['withdrawn_at' => 'datetime', 'created_at' => 'datetime'];
    }
}
