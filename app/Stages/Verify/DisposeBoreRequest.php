<?php

declare(strict_types=1);

namespace App\Stages\Verify;

use App\Storage\DispositionKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What has to be sent for `VerifyController::store`. */
final class DisposeBoreRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'cylinder' => ['required', 'integer', 'between:1,16'],
            'kind' => ['required', Rule::enum(DispositionKind::class)],
            'reason' => ['required', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'reason.required' => 'Say why: what was found, and who accepts it or what is done again.',
            'kind.required' => 'Choose rework or concession.',
        ];
    }
}
