<?php

declare(strict_types=1);

namespace App\Storage;

use DateTimeImmutable;
use DateTimeZone;

/**
 * One observation as it stands in a job: what was said about what, by whom and when. What was said is unfolded when it is first asked for.
 */
final class Said
{
    /** @var ?array<string, mixed> */
    private ?array $said = null;

    private ?DateTimeImmutable $at = null;

    private static ?DateTimeZone $utc = null;

    /**
     * @param  string  $json  What was said, as it was stored
     * @param  string  $happenedAt  In UTC
     */
    public function __construct(
        public readonly int $id,
        public readonly string $ulid,
        public readonly EntryKind $kind,
        public readonly string $subject,
        private readonly string $json,
        private readonly string $happenedAt,
        public readonly int $userId,
    ) {
    }

    /** From a row of the table, or of an exported job. */
    public static function ofRow(\stdClass $row): self
    {
        return new self($row->id, $row->ulid, EntryKind::from($row->kind), $row->subject, $row->said, $row->happened_at, $row->user_id);
    }

    /**
     * The same, unfolded at once: what comes from elsewhere is refused as a whole before anything of it is used.
     *
     * @throws \Exception If what was said, or when, cannot be read
     */
    public function checked(): self
    {
        $this->value('');
        $this->at();

        return $this;
    }

    public function at(): DateTimeImmutable
    {
        return $this->at ??= new DateTimeImmutable($this->happenedAt, self::$utc ??= new DateTimeZone('UTC'));
    }

    public function text(string $key): string
    {
        $value = $this->value($key);

        return is_string($value) ? $value : '';
    }

    public function whole(string $key): ?int
    {
        $value = $this->value($key);

        return is_int($value) ? $value : null;
    }

    public function number(string $key): ?float
    {
        $value = $this->value($key);

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function flag(string $key): bool
    {
        return $this->value($key) === true;
    }

    /** @return list<mixed> */
    public function list(string $key): array
    {
        return is_array($this->value($key)) ? array_values($this->value($key)) : [];
    }

    /** @return array<string, mixed> */
    public function map(string $key): array
    {
        $value = $this->value($key);

        return is_array($value) ? array_combine(array_map(strval(...), array_keys($value)), array_values($value)) : [];
    }

    private function value(string $key): mixed
    {
        $this->said ??= json_decode($this->json, true, 16, JSON_THROW_ON_ERROR);

        return $this->said[$key] ?? null;
    }
}
