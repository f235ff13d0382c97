<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Finding\CustomerAnswer;

/** What has to be sent for `ReceivedController::sleeveAnswer`. */
final class SleeveAnswerRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'cylinder' => ['required', 'integer', 'between:1,16'],
            'answer' => ['required', Rule::enum(CustomerAnswer::class)],
            'how' => ['nullable', 'string', 'max:120'],
        ];
    }
}
