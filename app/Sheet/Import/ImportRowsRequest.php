<?php

declare(strict_types=1);

namespace App\Sheet\Import;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `ImportController::store`. */
final class ImportRowsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'rows' => ['required', 'array', 'max:'.BoreCsv::MOST_ROWS],
            'rows.*.ulid' => ['required', 'ulid'],
            'rows.*.place' => ['required', 'string', 'max:40'],
            'rows.*.text' => ['required', 'string', 'max:60'],
            'rows.*.take' => ['nullable', 'string'],
            'rows.*.confirmed' => ['nullable', 'string'],
        ];
    }
}
