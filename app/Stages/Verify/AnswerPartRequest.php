<?php

declare(strict_types=1);

namespace App\Stages\Verify;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Verification\PartAnswer;

/** What has to be sent for `AcceptanceController::store`. */
final class AnswerPartRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'part' => ['required', Rule::enum(EnginePart::class)],
            'answer' => ['required', Rule::enum(PartAnswer::class)],
            'reason' => ['nullable', 'string', 'max:200'],
        ];
    }
}
