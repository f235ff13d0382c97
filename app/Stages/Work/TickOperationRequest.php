<?php

declare(strict_types=1);

namespace App\Stages\Work;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Work\TickState;

/** What has to be sent for `WorkController::store`. */
final class TickOperationRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'operation' => ['required', 'string', 'max:30'],
            'state' => ['required', Rule::enum(TickState::class)],
            'actual' => ['nullable', 'string', 'max:60'],
            'remark' => ['nullable', 'string', 'max:200'],
        ];
    }
}
