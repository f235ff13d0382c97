<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `CracksController::takeBack`. */
final class TakeBackIndicationRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['indication' => ['required', 'string', 'size:26'], 'reason' => ['nullable', 'string', 'max:200']];
    }
}
