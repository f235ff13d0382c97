<?php

declare(strict_types=1);

namespace App\Parts;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What became of a part, as it is typed. */
final class PartRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'part' => ['required', 'string', 'max:60'],
            'state' => ['required', Rule::enum(PartState::class)->only(PartState::said())],
            'supplier' => ['nullable', 'string', 'max:80'],
            'promised_for' => ['nullable', 'date_format:Y-m-d'],
            'remark' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['state' => Line::of('parts.told.choose_what_became'), 'promised_for' => Line::of('parts.told.choose_day')];
    }

    public function state(): PartState
    {
        return PartState::from($this->string('state')->toString());
    }

    public function typed(string $field): string
    {
        return trim($this->string($field)->toString());
    }
}
