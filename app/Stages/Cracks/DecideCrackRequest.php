<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Features\Cracks\Disposition;

/** What has to be sent for `CracksController::decide`. */
final class DecideCrackRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'indication' => ['required', 'string', 'size:26'],
            'disposition' => ['required', Rule::enum(Disposition::class)],
            'reason' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['disposition.required' => Line::of('cracks.ask.what_is_done')];
    }
}
