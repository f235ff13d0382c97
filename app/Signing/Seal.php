<?php

declare(strict_types=1);

namespace App\Signing;

use JsonException;

/** The last entries of some ledgers at one moment, signed; each seal holds the hash of the one before it. */
final readonly class Seal
{
    public const FIRST = '0000000000000000000000000000000000000000000000000000000000000000';

    /**
     * @param  array<int, array{int, string}>  $heads  Number and hash of the last entry, by job
     * @param  array<string, array{int, string}>  $books  The last row, and the digest of all up to it, of each book that only grows
     */
    private function __construct(
        public int $number,
        public string $at,
        public string $previous,
        public array $heads,
        public array $books,
        private string $publicKey,
        private string $signature,
    ) {
    }

    /**
     * @param  array<int, array{int, string}>  $heads
     * @param  array<string, array{int, string}>  $books
     */
    public static function signed(?self $before, string $at, array $heads, array $books, ShopKey $key): self
    {
        $said = [1 + ($before->number ?? 0), $at, $before?->hash() ?? self::FIRST, $heads, $books, $key->publicKey()];

        return new self(...[...$said, $key->sign((new self(...[...$said, '']))->text())]);
    }

    /** Null where the line is none. */
    public static function read(string $line): ?self
    {
        try {
            $data = json_decode($line, true, 5, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            return null;
        }
        if (! is_array($data) || ! is_array($data['seal'] ?? null) || ! is_string($data['signature'] ?? null)) {
            return null;
        }
        $seal = $data['seal'];
        $heads = self::pairs($seal['heads'] ?? []);
        $books = self::pairs($seal['books'] ?? []);

        return $heads !== null &&
            $books !== null &&
            is_int($seal['number'] ?? null) &&
            is_string($seal['at'] ?? null) &&
            is_string($seal['previous'] ?? null) &&
            is_string($seal['public_key'] ?? null)
            ? new self($seal['number'], $seal['at'], $seal['previous'], $heads, $books, $seal['public_key'], $data['signature'])
            : null;
    }

    /** @return ?array<array{int, string}> Null where they are none */
    private static function pairs(mixed $said): ?array
    {
        $pairs = [];
        foreach (is_array($said) ? $said : [null] as $name => $pair) {
            if (! is_array($pair) || ! is_int($pair[0] ?? null) || ! is_string($pair[1] ?? null)) {
                return null;
            }
            $pairs[$name] = [$pair[0], $pair[1]];
        }

        return $pairs;
    }

    public function line(): string
    {
        return json_encode(
            ['seal' => json_decode($this->text(), true, 5, JSON_THROW_ON_ERROR), 'signature' => $this->signature],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES,
        );
    }

    public function hash(): string
    {
        return hash('sha256', $this->text());
    }

    /** True where it follows the seal before it, and was signed by the key. */
    public function holds(?self $before, string $publicKey): bool
    {
        return $this->number === 1 + ($before->number ?? 0) &&
            $this->previous === ($before?->hash() ?? self::FIRST) &&
            $this->publicKey === $publicKey &&
            ShopKey::verifies($this->text(), $this->signature, $this->publicKey);
    }

    /** What is signed. */
    private function text(): string
    {
        return json_encode(
            [
                'number' => $this->number,
                'at' => $this->at,
                'previous' => $this->previous,
                'heads' => (object) $this->heads,
                // Seals from before the books were sealed have none, and are read as they were signed.
                ...$this->books === [] ? [] : ['books' => $this->books],
                'public_key' => $this->publicKey,
            ],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES,
        );
    }
}
