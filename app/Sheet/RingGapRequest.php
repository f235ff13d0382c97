<?php

declare(strict_types=1);

namespace App\Sheet;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Places\Station;

/** What has to be sent for `BoreController::ringGap`. */
final class RingGapRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'station' => ['required', Rule::in(array_column(Station::JUDGED, 'value'))],
            'known_bore' => ['nullable', 'string', 'max:60'],
            'known_gap' => ['nullable', 'string', 'max:60'],
            'gap' => ['nullable', 'string', 'max:60'],
        ];
    }
}
