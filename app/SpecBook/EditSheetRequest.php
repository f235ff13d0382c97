<?php

declare(strict_types=1);

namespace App\SpecBook;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `SpecBookController::update`. */
final class EditSheetRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'reason' => ['required', 'string', 'max:200'],
            'value' => ['required', 'array', 'max:2000'],
            'value.*' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say what changed, and where the numbers come from.'];
    }
}
