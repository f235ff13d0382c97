<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Practice\ReadingVerdict;
use NorthLedger\Core\Practice\Repetition;

/**
 * One answer at the practice bench.
 *
 * @property int $id
 * @property string $ulid
 * @property int $user_id
 * @property string $topic  An instrument, or a kind of method question
 * @property string $spot
 * @property int $seed
 * @property string $typed
 * @property string $verdict
 * @property ?int $milliseconds  Null where nobody took the time
 * @property Carbon $created_at
 * @property User $user
 */
final class PracticeAnswer extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    protected $table = 'practice_answers';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    private const LAST = 60;

    /** What somebody practises next at a topic follows from the last answers there. */
    public static function repetition(User $person, string $topic): Repetition
    {
        $answers = self::query()
            ->where('user_id', $person->id)
            ->where('topic', $topic)
            ->latest('id')
            ->limit(self::LAST)
            ->get(['spot', 'verdict'])
            ->reverse();

        return new Repetition(
            array_values($answers->map(static fn (self $one): array => ['spot' => $one->spot, 'right' => $one->isRight()])->all()),
        );
    }

    public function isRight(): bool
    {
        return $this->verdict === ReadingVerdict::Right->value;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'datetime', 'user_id' => 'integer', 'seed' => 'integer', 'milliseconds' => 'integer'];
    }
}
