<?php

declare(strict_types=1);

namespace App\Stages\Release;

use App\Security\OwnSignature;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `ReleaseController::store`. */
final class ReleaseRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(OwnSignature $signature): array
    {
        return ['password' => ['required', $signature]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.required' => Line::of('release.told.your_password_your_signature')];
    }
}
