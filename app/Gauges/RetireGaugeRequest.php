<?php

declare(strict_types=1);

namespace App\Gauges;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `GaugeController::retire`. */
final class RetireGaugeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reason' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => Line::of('gauges.told.say_why_goes_lost')];
    }
}
