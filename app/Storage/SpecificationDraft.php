<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A sheet on its way to the next revision of its family; no engine is judged by it.
 *
 * @property string $family
 * @property int $revision That the form was made of
 * @property array<string, string> $typed By place in the sheet
 * @property list<string> $changes Of rows, in their order
 * @property string $reason
 * @property Carbon $created_at
 * @property-read User $user
 */
final class SpecificationDraft extends Model
{
    use BootsPlainly;

    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = ['family', 'revision', 'typed', 'changes', 'reason', 'user_id', 'created_at'];

    public static function ofFamily(string $family): ?self
    {
        return self::query()->with('user')->firstWhere('family', $family);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['typed' => 'array', 'changes' => 'array', 'created_at' => 'datetime'];
    }
}
