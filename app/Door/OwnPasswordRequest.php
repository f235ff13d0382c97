<?php

declare(strict_types=1);

namespace App\Door;

use App\Security\OwnSignature;
use App\Security\PasswordStrength;
use App\Storage\User;
use App\Words\Line;
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
            'current.required' => Line::of('door.told.type_password_you_have'),
            'password.required' => Line::of('door.told.type_password_you_want'),
            'password.different' => Line::of('door.told.one_you_have_take'),
            'password.confirmed' => Line::of('door.told.two_not_same_type'),
        ];
    }

    public function chosen(): string
    {
        return $this->string('password')->toString();
    }
}
