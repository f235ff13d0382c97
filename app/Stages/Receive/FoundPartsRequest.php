<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Features\Receiving\ClaimKind;

/** What has to be sent for `ReceivedController::found`. */
final class FoundPartsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['kind' => ['required', Rule::enum(ClaimKind::class)], 'count' => ['required', 'integer', 'between:0,999']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['count.*' => Line::of('receive.ask.how_many_found')];
    }
}
