<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A sheet on somebody's way to the next revision of its family, one for each person; no engine is judged by it.
 *
 * @property string $family
 * @property int $revision That the form was made of
 * @property array<string, string> $typed By place in the sheet
 * @property list<string> $changes Of rows, in their order
 * @property string $reason
 * @property int $user_id
 * @property Carbon $created_at
 * @property-read User $user
 */
final class SpecificationDraft extends Model
{
    use BootsPlainly;

    protected $table = 'specification_drafts';

    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = ['family', 'revision', 'typed', 'changes', 'reason', 'user_id', 'created_at'];

    /** @return list<self> The oldest first */
    public static function ofFamily(string $family): array
    {
        return array_values(self::query()->with('user')->where('family', $family)->orderBy('created_at')->orderBy('id')->get()->all());
    }

    public static function ofPerson(string $family, ?int $userId): ?self
    {
        return self::query()->where('family', $family)->firstWhere('user_id', $userId);
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
