<?php

declare(strict_types=1);

namespace App\Stages\Clean;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Features\Precheck\ItemState;
use NorthLedger\Core\Features\Precheck\WashMethod;

/** What has to be sent for `CleanController::item`. */
final class AnswerItemRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'item' => ['required', 'string', 'max:60'],
            'state' => ['nullable', Rule::enum(ItemState::class)],
            'place' => ['nullable', 'string', 'max:80'],
            'remark' => ['nullable', 'string', 'max:200'],
            'wash' => ['nullable', Rule::enum(WashMethod::class)],
            'stripped' => ['nullable', 'integer', 'between:0,200'],
            'inserts' => ['nullable', 'integer', 'between:0,200'],
            'measured' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['stripped.*' => Line::of('precheck.ask.stripped'), 'inserts.*' => Line::of('precheck.ask.inserts')];
    }
}
