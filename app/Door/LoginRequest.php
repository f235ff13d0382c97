<?php

declare(strict_types=1);

namespace App\Door;

use Illuminate\Foundation\Http\FormRequest;
use Normalizer;

/** What has to be sent for `LoginController::store`. */
final class LoginRequest extends FormRequest
{
    /** A log-in as it is stored: what is typed in capitals, full-width or with a space behind is the same one. */
    public static function plain(string $login): string
    {
        return mb_strtolower(trim((string) Normalizer::normalize($login, Normalizer::FORM_KC)));
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'login' => ['required', 'string', 'max:60'],
            'password' => ['required', 'string', 'max:200'],
            'tablet' => ['sometimes', 'boolean'],
        ];
    }

    public function login(): string
    {
        return self::plain($this->string('login')->toString());
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
