<?php

declare(strict_types=1);

namespace App\Gauges;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `GaugeController::check`. */
final class CheckGaugeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['shows' => ['required', 'string', 'max:60'], 'master' => ['nullable', 'string', 'max:60']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['shows.required' => Line::of('gauges.told.key_what_gauge_shows')];
    }
}
