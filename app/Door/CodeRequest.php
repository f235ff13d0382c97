<?php

declare(strict_types=1);

namespace App\Door;

use App\Security\SecondFactor;
use App\Storage\User;
use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `LoginController::storeCode`. */
final class CodeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:40']];
    }

    public function isRightFor(User $person): bool
    {
        return (new SecondFactor($person))->accepts($this->string('code')->toString());
    }
}
