<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Features\Receiving\SleevePieceKind;

/** What has to be sent for `ReceivedController::sleeve`. */
final class SurveySleeveRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'cylinder' => ['required', 'integer', 'between:1,16'],
            'kind' => ['required', Rule::in(['none', ...array_column(SleevePieceKind::cases(), 'value')])],
            'length' => ['nullable', 'string', 'max:40'],
            'kind_below' => ['nullable', Rule::enum(SleevePieceKind::class)],
            'length_below' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind.required' => Line::of('receive.ask.what_sits_in_it')];
    }
}
