<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Features\Receiving\ClaimKind;

/** What has to be sent for `ReceivedController::claim`. */
final class ClaimRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(ClaimKind::class)],
            'where' => ['nullable', 'string', 'max:80'],
            'count' => ['nullable', 'integer', 'between:0,999'],
            'size' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['count.*' => Line::of('receive.ask.how_many_claimed_whole')];
    }
}
