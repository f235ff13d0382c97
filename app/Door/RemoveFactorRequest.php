<?php

declare(strict_types=1);

namespace App\Door;

use App\Security\OwnSignature;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `OwnPageController::removeSecondFactor`. */
final class RemoveFactorRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(OwnSignature $signature): array
    {
        return ['password' => ['required', $signature]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.required' => Line::of('door.told.type_your_password')];
    }
}
