<?php

declare(strict_types=1);

namespace App\Stages\Verify;

use App\Storage\DispositionKind;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What has to be sent for `VerifyController::store`. */
final class DecideFinishedRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'subject' => ['required', 'string', 'regex:/^[a-z]+(\.[a-z0-9]+){0,2}$/D', 'max:40'],
            'kind' => ['required', Rule::enum(DispositionKind::class)],
            'reason' => ['required', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'subject.required' => Line::of('verify.which'),
            'subject.regex' => Line::of('verify.which'),
            'reason.required' => Line::of('verify.why'),
            'kind.required' => Line::of('verify.rework_or_concession'),
        ];
    }
}
