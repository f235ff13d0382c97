<?php

declare(strict_types=1);

namespace App\Door;

use App\People\Role;
use App\Words\Line;
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
            'login.unique' => Line::of('door.told.somebody_login_already_take'),
            'login.*' => Line::of('door.told.two_sixty_small_letters'),
            'name.*' => Line::of('door.told.say_name_stands_under'),
            'role.*' => Line::of('door.told.choose_one_roles'),
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
