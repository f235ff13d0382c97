<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * When the shop, a machine or a person is not there, and why.
 *
 * @property int $id
 * @property string $ulid
 * @property ?string $machine  Null: every machine, or a person's
 * @property ?int $person_id  Null: of a machine, or of the shop
 * @property Carbon $begins_at
 * @property Carbon $ends_at
 * @property string $why
 * @property ?string $calendar_uid  Of the calendar it was read from
 * @property ?User $person
 */
final class Closure extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    protected $table = 'closures';

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(User::class, 'person_id');
    }

    /** “spindle bearing”; with the name of who is away */
    public function words(): string
    {
        return $this->person === null ? $this->why : "{$this->person->name}, {$this->why}";
    }

    public function isOfShop(): bool
    {
        return $this->machine === null && $this->person_id === null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['begins_at' => 'datetime', 'ends_at' => 'datetime', 'person_id' => 'integer'];
    }
}
