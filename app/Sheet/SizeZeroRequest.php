<?php

declare(strict_types=1);

namespace App\Sheet;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `SetupController::size`. */
final class SizeZeroRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'size' => ['nullable', 'string', 'max:60'],
            'gauge' => ['required', 'string', 'max:40'],
            'confirmed' => ['boolean'],
        ];
    }
}
