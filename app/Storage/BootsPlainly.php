<?php

declare(strict_types=1);

namespace App\Storage;

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
     * A value that stands as it is used is given as it stands.
     *
     * @param  string  $key
     */
    public function getAttribute($key): mixed
    {
        $value = $this->attributes[$key] ?? null;
        $cast = $value === null ? null : $this->getCasts()[$key] ?? null;
        $standsAsItIsUsed = match ($cast) {
            null => $value !== null && $key !== self::CREATED_AT && $key !== self::UPDATED_AT,
            'int', 'integer' => is_int($value),
            'string' => is_string($value),
            default => false,
        };

        return $standsAsItIsUsed ? $value : parent::getAttribute($key);
    }

    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = ['initializeHasAttributes'];
    }
}
