<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Builder;
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
 *
 * @phpstan-consistent-constructor
 */
abstract class Entry extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    private static ?AddedRows $added = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** What was added in this process since this was asked last. */
    public static function takeAdded(): AddedRows
    {
        [$added, self::$added] = [self::$added, null];

        return $added ?? new AddedRows();
    }

    /**
     * Adds a row, straight from its values: what the framework asks about each of them costs more than the row itself.
     *
     * @param  array<string, mixed>  $columns
     */
    final public static function keep(array $columns): static
    {
        $row = (new static())->setRawAttributes(array_map(StoredValue::of(...), $columns));
        (new Questions())->insert($row, JobTables::told($row->getTable(), $row->getAttributes()))();

        return $row;
    }

    /**
     * It was added.
     *
     * @param  \stdClass  $told  Its number, and of a row of a job all that `JobTables::told` names
     * @param  ?string  $house  Name of the connection
     */
    final public function isStoredAs(\stdClass $told, ?string $house): void
    {
        $this->setRawAttributes(['id' => $told->id] + $this->attributes, sync: true);
        $this->setConnection($house);
        $this->exists = $this->wasRecentlyCreated = true;
        self::isAdded($this->getTable(), $told->id, isset($told->ulid) ? $told : null);
    }

    private static function isAdded(string $table, int $id, ?\stdClass $told): void
    {
        self::$added ??= new AddedRows();
        self::$added->add($table, $id, $told);
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
        self::isAdded($this->getTable(), (int) $this->getKey(), null);

        return $isDone;
    }
}
