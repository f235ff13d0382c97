<?php

declare(strict_types=1);

namespace App\Storage;

use BackedEnum;

/**
 * A model without observers, global scopes, booting traits, and attributes that are computed. The framework looks for those by reflection
 * over every method of every model, in every request, and again for each value that is asked for; for ours it is said here what that
 * search comes to.
 */
trait BootsPlainly
{
    /** @var ?array<string, string> The casts of every column, put together once */
    private ?array $everyCast = null;

    /** @return array<string, string> */
    public function getCasts(): array
    {
        return $this->everyCast ??= parent::getCasts();
    }

    /** @param  array<string, mixed>  $casts */
    public function mergeCasts($casts): static
    {
        $this->everyCast = null;

        return parent::mergeCasts($casts);
    }

    /**
     * What has no cast, or a plain one, is given without being looked for.
     *
     * @param  string  $key
     */
    public function getAttribute($key): mixed
    {
        if (! array_key_exists($key, $this->attributes)) {
            return parent::getAttribute($key);
        }
        $value = $this->attributes[$key];
        $cast = $this->getCasts()[$key] ?? null;

        return match (true) {
            $cast === null && $key !== self::CREATED_AT && $key !== self::UPDATED_AT => $value,
            ($cast === 'int' || $cast === 'integer') && ($value === null || is_int($value)) => $value,
            $cast === 'boolean' => $value === null ? null : (bool) $value,
            $cast !== null && str_contains($cast, '\\') && is_a($cast, BackedEnum::class, true) => $this->enum($cast, $value),
            default => parent::getAttribute($key),
        };
    }

    /** @param  class-string<BackedEnum>  $enum */
    private function enum(string $enum, mixed $value): ?BackedEnum
    {
        return $value === null || $value instanceof BackedEnum ? $value : $enum::from($value);
    }

    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = ['initializeHasAttributes'];
    }
}
