<?php

declare(strict_types=1);

namespace App\Session;

use Illuminate\Session\DatabaseSessionHandler;

/** Keeps sessions in the database, and leaves a row alone while nothing in it has changed and it was touched lately. */
final class CalmSessionHandler extends DatabaseSessionHandler
{
    private const TOUCH_AFTER = 300;

    /** @var ?array{string, string} Id and data of the row that was read */
    private ?array $asRead = null;

    private int $touchedAt = 0;

    public function read($sessionId): string|false
    {
        $this->asRead = null;
        $data = parent::read($sessionId);
        if (is_string($data) && $data !== '') {
            $this->asRead = [$sessionId, $data];
        }

        return $data;
    }

    public function write($sessionId, $data): bool
    {
        return $this->asRead === [$sessionId, $data] && $this->touchedAt > $this->currentTime() - self::TOUCH_AFTER
            ? true
            : parent::write($sessionId, $data);
    }

    /** Whether the row has run out; on the way, when it was last touched. */
    protected function expired($session): bool
    {
        $this->touchedAt = (int) ($session->last_activity ?? 0);

        return parent::expired($session);
    }
}
