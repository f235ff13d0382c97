<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Support\Arr;

/** One choice of the shop on its page: where it stands in the policy, what it is called, and what it changes. */
final readonly class PolicySetting
{
    private const INCHES = '/^\d{0,2}\.\d{1,4}$/';

    private const ANY_LENGTH = '/^(\d{0,2}\.\d{1,4}|\d{0,3}(\.\d{1,3})? ?mm)$/';

    private const MILLIMETRES = '/^\d{1,3}(\.\d{1,3})?$/';

    /**
     * @param  string  $key  Path in the policy document, by dots
     * @param  array<string, string>  $options  Explanations by value; empty where a number is typed
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

    /** @param  list<\BackedEnum>  $cases  Each with an explanation() */
    public static function choice(string $key, string $label, string $rule, array $cases): self
    {
        $options = [];
        foreach ($cases as $case) {
            $options[(string) $case->value] = method_exists($case, 'explanation') ? $case->explanation() : '';
        }

        return new self($key, $label, '', $rule, $options, ['in:'.implode(',', array_keys($options))], false);
    }

    /** @param  array<string|int, string>  $options  Explanations by value */
    public static function among(string $key, string $label, string $rule, array $options, bool $isWhole = false): self
    {
        $words = array_combine(array_map(strval(...), array_keys($options)), $options);

        return new self($key, $label, '', $rule, $words, ['in:'.implode(',', array_keys($words))], $isWhole);
    }

    public static function inches(string $key, string $label, string $changes, string $rule): self
    {
        return new self($key, $label, $changes, $rule, [], ['regex:'.self::INCHES], false);
    }

    public static function millimetres(string $key, string $label, string $changes, string $rule): self
    {
        return new self($key, $label, $changes, $rule, [], ['regex:'.self::MILLIMETRES], false);
    }

    /** A length that need not be there; inches, unless it says mm. */
    public static function optionalLength(string $key, string $label, string $changes, string $rule): self
    {
        return new self($key, $label, $changes, $rule, [], ['nullable', 'regex:'.self::ANY_LENGTH], false);
    }

    public static function whole(string $key, string $label, string $changes, string $rule, int $least, int $most): self
    {
        return new self($key, $label, $changes, $rule, [], ['integer', "between:{$least},{$most}"], true);
    }

    public static function decimal(string $key, string $label, string $changes, string $rule): self
    {
        return new self($key, $label, $changes, $rule, [], ['numeric', 'between:0.1,100'], false);
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
