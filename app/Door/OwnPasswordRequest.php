<?php

declare(strict_types=1);

namespace App\Door;

use App\Security\OwnSignature;
use App\Security\PasswordStrength;
use App\Storage\User;
use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `OwnPageController::password`. */
final class OwnPasswordRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(OwnSignature $signature): array
    {
        /** @var User $person */
        $person = $this->user();

        return [
            'current' => ['required', $signature],
            'password' => ['required', 'string', 'different:current', 'confirmed', new PasswordStrength($person)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'current.required' => 'Type the password you have now.',
            'password.required' => 'Type the password you want.',
            'password.different' => 'That is the one you have. Take another.',
            'password.confirmed' => 'The two are not the same. Type the new one twice.',
        ];
    }

    public function chosen(): string
    {
        return $this->string('password')->toString();
    }
}
