<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\Translation\Translator;
use Illuminate\Validation\Factory;
use Illuminate\Validation\ValidationRuleParser;
use Illuminate\Validation\Validator;

/** Reads what a rule says once: the framework reads every rule of a field anew for each question that it asks about it. */
final class RulesReadOnce extends Validator
{
    /** @var array<string, array{array<mixed>, list<array{mixed, array<mixed>}>}> By field: its rules as written, and each as it is read */
    private array $read = [];

    /** Has every request of ours validated by it. */
    public static function in(Factory $validators): void
    {
        $validators->resolver(
            static fn (Translator $words, array $data, array $rules, array $messages, array $names): self => new self(
                $words,
                $data,
                $rules,
                $messages,
                $names,
            ),
        );
    }

    /**
     * @param  string  $attribute
     * @param  string|array<string>  $rules  Names
     * @return ?array{string, array<mixed>} The first of them that the field has, with its parameters
     */
    protected function getRule($attribute, $rules): ?array
    {
        foreach ($this->rulesOf($attribute) as $rule) {
            foreach ((array) $rules as $name) {
                if ($rule[0] === $name) {
                    return $rule;
                }
            }
        }

        return null;
    }

    /** @return list<array{mixed, array<mixed>}> Each with its parameters */
    private function rulesOf(string $attribute): array
    {
        $written = $this->rules[$attribute] ?? [];
        if (($this->read[$attribute][0] ?? null) !== $written) {
            $this->read[$attribute] = [$written, array_map(ValidationRuleParser::parse(...), array_values($written))];
        }

        return $this->read[$attribute][1];
    }
}
