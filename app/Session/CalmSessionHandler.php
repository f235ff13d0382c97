<?php

declare(strict_types=1);

namespace App\Session;

use Illuminate\Contracts\Container\Container;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Session\DatabaseSessionHandler;

/**
 * Keeps sessions in the database. A session brings the row of its person along, and its own row is left alone while nothing
 * in it has changed and it was touched lately.
 */
final class CalmSessionHandler extends DatabaseSessionHandler
{
    private const TOUCH_AFTER = 300;

    /** @var ?array{string, string} Id and data of the row that was read */
    private ?array $asRead = null;

    private int $touchedAt = 0;

    public function __construct(
        ConnectionInterface $connection,
        string $table,
        int $minutes,
        Container $container,
        private readonly PersonOfSession $person,
    ) {
        parent::__construct($connection, $table, $minutes, $container);
    }

    public function read($sessionId): string
    {
        $this->asRead = $this->person->row = $this->person->touchedAt = $this->person->access = null;
        $row = $this->connection->selectOne(
            "SELECT users.*, {$this->table}.payload AS session_payload, {$this->table}.last_activity AS session_touched, ".
                '(SELECT access FROM houses LIMIT 1) AS house_access FROM '.
                "{$this->table} LEFT JOIN users ON users.id = {$this->table}.user_id WHERE {$this->table}.id = ?",
            [$sessionId],
        );
        if ($row === null) {
            return '';
        }
        $this->exists = true;
        $this->touchedAt = $row->session_touched;
        if ($this->touchedAt < $this->currentTime() - 60 * $this->minutes) {
            return '';
        }
        $data = (string) base64_decode($row->session_payload, true);
        $this->asRead = [$sessionId, $data];
        $this->person->touchedAt = $this->touchedAt;
        $this->person->access = $row->house_access;
        $this->person->row =
            $row->id === null
                ? null
                : array_diff_key((array) $row, ['session_payload' => true, 'session_touched' => true, 'house_access' => true]);

        return $data;
    }

    public function write($sessionId, $data): bool
    {
        return $this->asRead === [$sessionId, $data] && $this->touchedAt > $this->currentTime() - self::TOUCH_AFTER
            ? true
            : parent::write($sessionId, $data);
    }
}
