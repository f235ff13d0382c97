<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `CracksController::lookedAt`. */
final class PronePlaceRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['number' => ['required', 'integer', 'between:1,99']];
    }
}
