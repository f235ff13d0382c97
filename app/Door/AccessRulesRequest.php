<?php

declare(strict_types=1);

namespace App\Door;

use App\People\Role;
use App\Storage\AccessRules;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What has to be sent for `PeopleController::rules`. */
final class AccessRulesRequest extends FormRequest
{
    private const HOURS = ['idle_hours', 'tablet_idle_hours', 'longest_hours', 'sign_again_hours'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return array_fill_keys(self::HOURS, ['required', 'integer', 'between:1,'.AccessRules::LONGEST_HOURS]) + [
            'second_factor_for' => ['sometimes', 'array', 'max:4'],
            'second_factor_for.*' => [Rule::enum(Role::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $whole = Line::of('door.whole_hours');

        return ['*.between' => Line::of('door.told.from_max_hours'), '*.integer' => $whole, '*.required' => $whole];
    }

    public function stated(): AccessRules
    {
        /** @var list<string> $roles */
        $roles = $this->array('second_factor_for');

        return new AccessRules(
            $this->integer('idle_hours'),
            $this->integer('tablet_idle_hours'),
            $this->integer('longest_hours'),
            $this->integer('sign_again_hours'),
            array_values(array_map(Role::from(...), $roles)),
        );
    }
}
