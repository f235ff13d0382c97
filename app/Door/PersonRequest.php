<?php

declare(strict_types=1);

namespace App\Door;

use App\People\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What has to be sent for `PeopleController::store`. */
final class PersonRequest extends FormRequest
{
    public const LOGIN = '/^[a-z0-9][a-z0-9._-]{1,59}$/';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'login' => ['required', 'string', 'regex:'.self::LOGIN, Rule::unique('users', 'login')],
            'name' => ['required', 'string', 'max:80'],
            'role' => ['required', Rule::enum(Role::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'login.unique' => 'Somebody has that log-in already. Take another.',
            'login.*' => 'Two to sixty small letters, digits, dots, dashes or underscores, beginning with a letter or digit.',
            'name.*' => 'Say the name as it stands under what is signed.',
            'role.*' => 'Choose one of the roles.',
        ];
    }

    protected function prepareForValidation(): void
    {
        $login = $this->input('login');
        if (is_string($login)) {
            $this->merge(['login' => LoginRequest::plain($login)]);
        }
    }
}
