<?php

declare(strict_types=1);

namespace App\SpecBook;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `SheetFileController::import`. */
final class ImportSheetRequest extends FormRequest
{
    private const MOST_BYTES = 262_144;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['sheet' => ['required', 'file', 'max:'.self::MOST_BYTES / 1024], 'reason' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'sheet.required' => 'Choose the JSON file of a sheet first.',
            'sheet.max' => 'A sheet is far smaller than that. Is it the right file?',
            'reason.required' => 'Say where the numbers come from.',
        ];
    }
}
