<?php

declare(strict_types=1);

namespace App\Storage;

use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;

/** Statements that go to the database together, in one round trip, as soon as the answer to any of them is wanted. */
final class Questions
{
    /** @var list<string> Not sent yet */
    private array $statements = [];

    /** @var list<mixed> */
    private array $bindings = [];

    /** @var array<int, list<\stdClass>> By number of the statement */
    private array $answers = [];

    private int $asked = 0;

    /** @param  ?Connection  $connection  Null for that of the house that asks */
    public function __construct(private ?Connection $connection = null)
    {
    }

    /** The name of the connection, which rows keep. */
    public function house(): ?string
    {
        return $this->connection()->getName();
    }

    /**
     * @param  string  $statement  One statement, with a question mark for each value
     * @param  list<mixed>  $bindings
     * @return Closure(): list<\stdClass> The rows that answer it; none of what answers nothing
     */
    public function ask(string $statement, array $bindings): Closure
    {
        $this->statements[] = $statement;
        array_push($this->bindings, ...$bindings);
        $number = $this->asked++;

        return function () use ($number): array {
            $this->send();

            return $this->answers[$number];
        };
    }

    /**
     * Adds a row, which is told its number once that is known.
     *
     * @param  string  $told  What the database tells of it: columns
     * @return Closure(): void
     */
    public function insert(Entry $row, string $told = 'id'): Closure
    {
        $values = $row->getAttributes();
        $columns = implode('`, `', array_keys($values));
        $marks = implode(', ', array_fill(0, count($values), '?'));
        $answer = $this->ask("INSERT INTO {$row->getTable()} (`{$columns}`) VALUES ({$marks}) RETURNING {$told}", array_values($values));

        return fn () => $row->isStoredAs($answer()[0], $this->house());
    }

    /**
     * Changes what of a job's row is not as it was read: what was set in it, and these columns.
     *
     * @param  array<string, mixed>  $columns
     */
    public function update(Job $row, array $columns): void
    {
        $now = [...$row->getAttributes(), ...array_map(StoredValue::of(...), $columns)];
        $was = $row->getRawOriginal();
        $changed = [];
        foreach ($now as $column => $value) {
            $before = $was[$column] ?? null;
            if (($value === null) !== ($before === null) || (string) $value !== (string) $before) {
                $changed[$column] = $value;
            }
        }
        if ($changed !== []) {
            $sets = implode(', ', array_map(static fn (string $column): string => "`{$column}` = ?", array_keys($changed)));
            $this->ask("UPDATE {$row->getTable()} SET {$sets} WHERE id = ?", [...array_values($changed), $row->id]);
        }
        $row->setRawAttributes($now, sync: true);
    }

    /** Sends what was not sent yet. */
    public function send(): void
    {
        if ($this->statements === []) {
            return;
        }
        [$statements, $bindings] = [$this->statements, $this->bindings];
        $this->statements = $this->bindings = [];
        foreach ($this->connection()->selectResultSets(implode('; ', $statements), $bindings) as $answer) {
            $this->answers[] = array_values($answer);
        }
    }

    private function connection(): Connection
    {
        return $this->connection ??= DB::connection();
    }
}
