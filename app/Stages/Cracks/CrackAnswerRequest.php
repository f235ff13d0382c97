<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Finding\CustomerAnswer;

/** What has to be sent for `CracksController::customer`. */
final class CrackAnswerRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'indication' => ['required', 'string', 'size:26'],
            'answer' => ['required', Rule::enum(CustomerAnswer::class)],
            'how' => ['nullable', 'string', 'max:120'],
        ];
    }
}
