<?php

declare(strict_types=1);

namespace App\Door;

use App\People\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What has to be sent for `PeopleController::update`. */
final class ChangePersonRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'role' => ['required', Rule::enum(Role::class)],
            'sees_prices' => ['sometimes', 'boolean'],
        ];
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->toString());
    }

    public function name(): string
    {
        return $this->string('name')->toString();
    }
}
