<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Feed\SeatRole;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What has to be sent for `SeatController::store`. */
final class TakeSeatRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'seat' => ['required', 'ulid'],
            'part' => ['required', Rule::enum(SeatRole::class)],
            'place' => ['nullable', 'string', 'max:40'],
        ];
    }
}
