<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Features\Receiving\CountedState;

/** What has to be sent for `ReceivedController::part`. */
final class CountPartRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'part' => ['required_without:words', 'nullable', 'string', 'max:30'],
            'words' => ['nullable', 'string', 'max:60'],
            'state' => ['required', Rule::enum(CountedState::class)],
            'count' => ['nullable', 'integer', 'between:0,999'],
            'remark' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'part.required_without' => Line::of('receive.ask.what_is_it_called'),
            'state.required' => Line::of('receive.ask.which_state'),
            'count.*' => Line::of('receive.ask.how_many_came'),
        ];
    }
}
