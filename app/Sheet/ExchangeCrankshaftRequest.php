<?php

declare(strict_types=1);

namespace App\Sheet;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `CrankshaftController::exchange`. */
final class ExchangeCrankshaftRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'use' => ['nullable', 'string', 'max:1'],
            'mark' => ['nullable', 'string', 'max:60'],
        ];
    }
}
