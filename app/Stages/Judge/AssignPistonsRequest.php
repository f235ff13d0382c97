<?php

declare(strict_types=1);

namespace App\Stages\Judge;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `JudgeController::assign`. */
final class AssignPistonsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['piston' => ['required', 'array', 'max:16'], 'piston.*' => ['required', 'integer', 'between:1,99']];
    }
}
