<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `LoginController::store`. */
final class LoginRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['login' => ['required', 'string', 'max:60'], 'password' => ['required', 'string', 'max:200']];
    }
}
