<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\DB;

/**
 * A row that is only ever added: who wrote it for which job and when.
 *
 * @property int $id
 * @property int $job_id
 * @property int $user_id
 * @property \Illuminate\Support\Carbon $created_at
 * @property User $user
 *
 * @phpstan-consistent-constructor
 */
abstract class Entry extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    /** @var array<string, list<int>> What was added since somebody asked last, by table */
    private static array $added = [];

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /**
     * What was added in this process since this was asked last, by table.
     *
     * @return array<string, list<int>>
     */
    public static function takeAdded(): array
    {
        [$added, self::$added] = [self::$added, []];

        return $added;
    }

    /**
     * Adds a row, straight from its values: what the framework asks about each of them costs more than the row itself.
     *
     * @param  array<string, mixed>  $columns
     */
    final public static function keep(array $columns): static
    {
        $row = (new static())->setRawAttributes(array_map(StoredValue::of(...), $columns));
        (new Questions())->insert($row)();

        return $row;
    }

    /** It was added under a number. */
    final public function isStoredAs(int $id): void
    {
        $this->setRawAttributes(['id' => $id] + $this->attributes, sync: true);
        $this->setConnection(DB::getDefaultConnection());
        $this->exists = $this->wasRecentlyCreated = true;
        self::$added[$this->getTable()][] = $id;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @param  Builder<static>  $query */
    protected function performInsert(Builder $query): bool
    {
        $isDone = parent::performInsert($query);
        self::$added[$this->getTable()][] = $this->id;

        return $isDone;
    }
}
