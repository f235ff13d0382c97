<?php

declare(strict_types=1);

namespace App\Sheet;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `CheckBackController::confirm`. */
final class ConfirmSuspectsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reason' => ['nullable', 'string', 'max:200']];
    }
}
