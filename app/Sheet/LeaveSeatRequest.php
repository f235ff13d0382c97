<?php

declare(strict_types=1);

namespace App\Sheet;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `SeatController::leave`. */
final class LeaveSeatRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['seat' => ['required', 'ulid']];
    }
}
