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
    /** @var array<string, array{string, array<mixed>}> By rule as it is written */
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
        foreach ($this->rules[$attribute] ?? [] as $rule) {
            $read = is_string($rule) ? ($this->read[$rule] ??= ValidationRuleParser::parse($rule)) : ValidationRuleParser::parse($rule);
            if (in_array($read[0], (array) $rules)) {
                return $read;
            }
        }

        return null;
    }
}
