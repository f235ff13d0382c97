<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Specification\SourceKind;

/** Values put in where they are missed, with where they come from and for whom they hold. */
final class KeyLimitsRequest extends FormRequest
{
    public const FOR_THE_FAMILY = 'family';

    public const FOR_THIS_ENGINE = 'engine';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'value' => ['required', 'array', 'max:2000'],
            'value.*' => ['nullable', 'string', 'max:200'],
            'words' => ['required', 'string', 'max:200'],
            'source' => ['nullable', Rule::enum(SourceKind::class)],
            'scope' => ['required', Rule::in([self::FOR_THE_FAMILY, self::FOR_THIS_ENGINE])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'words.required' => Line::of('spec.told.say_where_comes_from'),
            'scope.*' => Line::of('spec.told.say_whether_holds_every'),
        ];
    }

    /** @return array<string, string> What was typed, by place in the sheet */
    public function values(): array
    {
        return array_filter(
            array_map(static fn (mixed $text): string => is_string($text) ? trim($text) : '', (array) $this->input('value')),
            static fn (string $text): bool => $text !== '',
        );
    }

    public function source(): SourceKind
    {
        return SourceKind::tryFrom($this->string('source')->toString()) ?? SourceKind::Manual;
    }

    public function isForTheFamily(): bool
    {
        return $this->string('scope')->toString() === self::FOR_THE_FAMILY;
    }
}
