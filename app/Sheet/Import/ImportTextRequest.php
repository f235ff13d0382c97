<?php

declare(strict_types=1);

namespace App\Sheet\Import;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `ImportController::preview`. */
final class ImportTextRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['nullable', 'file', 'max:256'], 'text' => ['nullable', 'string', 'max:65535']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.*' => Line::of('sheet.told.file_did_not_arrive')];
    }
}
