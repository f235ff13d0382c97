<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What has to be sent for `WorkController::report`. */
final class ReportFlawRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'cylinder' => ['required', 'integer', 'between:1,16'],
            'look' => ['required', Rule::in(array_column(ReportFlaw::LOOKS, 'value'))],
            'remark' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['cylinder.required' => Line::of('work.told.which_cylinder'), 'look.required' => Line::of('work.told.what_did_you_see')];
    }
}
