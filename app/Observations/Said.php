<?php

declare(strict_types=1);

namespace App\Observations;

use App\Ledger\EntryKind;
use DateTimeImmutable;

/** One observation as it stands in a job: what was said about what, by whom and when. */
final readonly class Said
{
    /** @param  array<string, mixed>  $said */
    public function __construct(
        public int $id,
        public string $ulid,
        public EntryKind $kind,
        public string $subject,
        private array $said,
        public DateTimeImmutable $at,
        public int $userId,
    ) {
    }

    public function text(string $key): string
    {
        return is_string($this->said[$key] ?? null) ? $this->said[$key] : '';
    }

    public function whole(string $key): ?int
    {
        return is_int($this->said[$key] ?? null) ? $this->said[$key] : null;
    }

    public function number(string $key): ?float
    {
        $value = $this->said[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function flag(string $key): bool
    {
        return ($this->said[$key] ?? false) === true;
    }

    /** @return list<mixed> */
    public function list(string $key): array
    {
        return is_array($this->said[$key] ?? null) ? array_values($this->said[$key]) : [];
    }
}
