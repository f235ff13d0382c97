<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Http\Keyed;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Features\Cracks\CheckMethod;

/** What has to be sent for `CracksController::retest`. */
final class RetestRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $keyed = Keyed::in($this);

        return ['indication' => ['required', 'string', 'size:26'], 'method' => ['nullable', Rule::enum(CheckMethod::class)]] +
            $keyed->temperatureRules('temperature');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $keyed = Keyed::in($this);

        return ['temperature.*' => $keyed->temperatureWords()];
    }
}
