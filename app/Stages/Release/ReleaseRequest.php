<?php

declare(strict_types=1);

namespace App\Stages\Release;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `ReleaseController::store`. */
final class ReleaseRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['password' => ['required', 'current_password']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'password.required' => 'Your password is your signature here.',
            'password.current_password' => 'That is not your password. Nothing was signed.',
        ];
    }
}
