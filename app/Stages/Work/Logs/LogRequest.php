<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Ledger\Refused;
use App\Record\JobFile;
use App\Sheet\TypedLength;
use App\Words\Line;
use BackedEnum;
use Illuminate\Foundation\Http\FormRequest;
use NorthLedger\Core\Quantity\Length;

/** What was typed on a card at a machine. */
final class LogRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['operation' => ['required', 'string', 'max:40'], '*' => ['nullable', 'max:200']];
    }

    public function operation(): string
    {
        return $this->string('operation')->toString();
    }

    public function typed(string $field): string
    {
        $value = $this->input($field);

        return is_string($value) ? trim($value) : '';
    }

    public function flag(string $field): bool
    {
        return $this->boolean($field);
    }

    /** A plain number above zero; null where nothing is typed. */
    public function number(string $field): ?float
    {
        $text = str_replace(',', '.', $this->typed($field));

        return match (true) {
            $text === '' => null,
            preg_match('/^\d{1,6}(\.\d{1,3})?$/', $text) === 1 && (float) $text > 0 => (float) $text,
            default => throw Refused::because($field, Line::of('work.log.number', ['field' => Line::of("work.field.{$field}")])),
        };
    }

    /**
     * So many sizes in one line, in their order; none where nothing is typed.
     *
     * @return list<Length>
     */
    public function sizes(JobFile $file, string $field, int $least, int $most): array
    {
        $words = preg_split('/[\s;]+/', $this->typed($field), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        if ($words !== [] && (count($words) < $least || count($words) > $most)) {
            throw Refused::because(
                $field,
                Line::of('work.log.count', ['field' => Line::of("work.field.{$field}"), 'count' => $least, 'typed' => count($words)]),
            );
        }

        return array_map(
            static fn (string $word): Length => TypedLength::above($file, $field, $word, Line::of('work.log.above')) ?? Length::zero(),
            $words,
        );
    }

    public function length(JobFile $file, string $field): ?Length
    {
        return TypedLength::above($file, $field, $this->typed($field), Line::of('work.log.above'));
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $codes
     * @return T
     */
    public function code(string $field, string $codes): BackedEnum
    {
        return $codes::tryFrom($this->typed($field)) ??
            throw Refused::because($field, Line::of('work.log.choose', ['field' => Line::of("work.field.{$field}")]));
    }
}
