<?php

declare(strict_types=1);

namespace App\SpecBook;

/** A sheet on which nothing stands yet, as its schema says it: every value that may be known, and of which kind each is. */
final class SheetBlank
{
    /** @var ?array<string, mixed> The schema, read once */
    private static ?array $schema = null;

    /**
     * A sheet's document with an empty place for everything that it does not say.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    public static function fill(array $document): array
    {
        return self::merged(self::blank(self::schema()), $document);
    }

    /**
     * Without the places at which nothing stands, and without the parts of which nothing is left by that. A list in which nothing ever
     * stood is kept: it says that there is none.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    public static function known(array $document): array
    {
        $known = [];
        foreach ($document as $key => $value) {
            $left = is_array($value) ? self::known($value) : $value;
            if (is_int($key) || ($left !== null && ($left !== [] || $value === []))) {
                $known[$key] = $left;
            }
        }

        return $known;
    }

    /**
     * An empty row for a list of like things.
     *
     * @param  string  $list  “threads”, “housings/no_go”
     * @return array<mixed>
     */
    public static function row(string $list): array
    {
        $row = self::blank(self::at("/{$list}/0"));

        return is_array($row) ? $row : [];
    }

    /** True for a list of like things, each with values of its own: threads, no-goes. */
    public static function isOfRows(string $path): bool
    {
        $items = self::at($path)['items'] ?? null;

        return is_array($items) && isset(self::resolved($items)['properties']);
    }

    /** Something of the kind that stands at a place: 0, 0.0, false, a list, or a text. */
    public static function example(string $path): mixed
    {
        $schema = self::at($path);

        return match ($schema['type'] ?? null) {
            'integer' => 0,
            'number' => 0.0,
            'boolean' => false,
            'array' => array_filter([
                match ($schema['items']['type'] ?? null) {
                    'integer', 'number' => 1,
                    default => null,
                },
            ]),
            default => '',
        };
    }

    /** @return array<string, mixed> */
    private static function schema(): array
    {
        return self::$schema ??= json_decode(
            (string) file_get_contents(resource_path('specs/sheet.schema.json')),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
    }

    /** @return array<string, mixed> What the schema says of a place */
    private static function at(string $path): array
    {
        $schema = self::schema();
        foreach (explode('/', ltrim($path, '/')) as $key) {
            $schema = self::resolved((is_numeric($key) ? $schema['items'] ?? null : $schema['properties'][$key] ?? null) ?? []);
        }

        return $schema;
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function resolved(array $schema): array
    {
        $name = is_string($schema['$ref'] ?? null) ? basename($schema['$ref']) : null;

        return $name === null ? $schema : self::schema()['$defs'][$name] ?? [];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return ?array<string, mixed> By key; null for a single value
     */
    private static function blank(array $schema): ?array
    {
        if (! isset($schema['properties'])) {
            return isset($schema['items']) && isset(self::resolved($schema['items'])['properties']) ? [] : null;
        }

        return array_map(static fn (array $one): ?array => self::blank(self::resolved($one)), $schema['properties']);
    }

    /**
     * @param  array<mixed>  $blank
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    private static function merged(array $blank, array $document): array
    {
        $merged = [];
        foreach ($blank as $key => $empty) {
            $value = $document[$key] ?? null;
            $isPart = is_array($empty) && $empty !== [];
            $merged[$key] = match (true) {
                $isPart && is_array($value) => self::merged($empty, $value),
                $value === null => $empty,
                default => $value,
            };
        }

        return $merged + $document;
    }
}
