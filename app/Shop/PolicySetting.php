<?php

declare(strict_types=1);

namespace App\Shop;

use BackedEnum;
use Illuminate\Support\Arr;

/** One choice of the shop on its page: where it stands in the policy, what it is called, and what it changes. */
final readonly class PolicySetting
{
    private const INCHES = '/^\d{0,2}\.\d{1,4}$/';

    private const ANY_LENGTH = '/^(\d{0,2}\.\d{1,4}|\d{0,3}(\.\d{1,3})? ?mm)$/';

    private const MILLIMETRES = '/^\d{1,3}(\.\d{1,3})?$/';

    /**
     * @param  string  $key  Path in the policy document, by dots
     * @param  string  $rule  That it belongs to
     * @param  array<string, string>  $options  What each choice means, by its value; empty where a number is typed
     * @param  list<string>  $rules  Of Laravel's validation
     */
    private function __construct(
        public string $key,
        public string $label,
        public string $changes,
        public string $rule,
        public array $options,
        public array $rules,
        private bool $isWhole,
    ) {
    }

    /** @param  non-empty-list<BackedEnum|string|int>  $values */
    public static function choice(string $key, string $rule, array $values, SettingWords $words = new SettingWords()): self
    {
        $options = [];
        foreach ($values as $value) {
            $value = $value instanceof BackedEnum ? $value->value : $value;
            $options[(string) $value] = $words->choice($key, (string) $value);
        }

        return new self(
            $key,
            $words->label($key),
            '',
            $rule,
            $options,
            ['in:'.implode(',', array_keys($options))],
            is_int($values[0]),
        );
    }

    public static function inches(string $key, string $rule, SettingWords $words): self
    {
        return self::typed($key, $rule, ['regex:'.self::INCHES], $words);
    }

    public static function millimetres(string $key, string $rule, SettingWords $words): self
    {
        return self::typed($key, $rule, ['regex:'.self::MILLIMETRES], $words);
    }

    /** A length that need not be there; inches, unless it says mm. */
    public static function optionalLength(string $key, string $rule, SettingWords $words): self
    {
        return self::typed($key, $rule, ['nullable', 'regex:'.self::ANY_LENGTH], $words);
    }

    public static function whole(string $key, string $rule, int $least, int $most): self
    {
        return self::typed($key, $rule, ['integer', "between:{$least},{$most}"], new SettingWords(), true);
    }

    public static function decimal(string $key, string $rule, SettingWords $words): self
    {
        return self::typed($key, $rule, ['numeric', 'between:0.1,100'], $words);
    }

    /** @param  list<string>  $rules */
    private static function typed(string $key, string $rule, array $rules, SettingWords $words, bool $isWhole = false): self
    {
        return new self($key, $words->label($key), $words->changes($key), $rule, [], $rules, $isWhole);
    }

    /** The name of its field: `bore_in[hone_stock]`. */
    public function field(): string
    {
        $parts = explode('.', $this->key);

        return array_shift($parts).implode('', array_map(static fn (string $part): string => "[{$part}]", $parts));
    }

    public function id(): string
    {
        return str_replace(['.', '_', ' '], '-', $this->key);
    }

    /** @param  array<string, mixed>  $document */
    public function valueIn(array $document): string
    {
        $value = Arr::get($document, $this->key);

        return is_scalar($value) ? (string) $value : '';
    }

    /** True where nothing may be written. */
    public function isOptional(): bool
    {
        return $this->rules[0] === 'nullable';
    }

    /** As it stands in the policy document. */
    public function stored(string $typed): string|int|float
    {
        return match (true) {
            $this->isWhole => (int) $typed,
            $this->rules[0] === 'numeric' => (float) $typed,
            default => $typed,
        };
    }
}
