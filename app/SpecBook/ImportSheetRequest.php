<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Words\Line;
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
            'sheet.required' => Line::of('spec.told.choose_json_file_sheet'),
            'sheet.max' => Line::of('spec.told.sheet_far_smaller_than'),
            'reason.required' => Line::of('spec.told.say_where_numbers_come'),
        ];
    }
}
