<?php

declare(strict_types=1);

namespace App\Stages\Clean;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `CleanController::look`. */
final class LookRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['place' => ['required', 'string', 'max:40'], 'text' => ['required', 'string', 'max:1']];
    }
}
