<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Features\Receiving\ClaimMatch;

/** What has to be sent for `ReceivedController::judgeClaim`. */
final class JudgeClaimRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'claim' => ['required', 'string', 'size:26'],
            'match' => ['required', Rule::in([...array_column(ClaimMatch::cases(), 'value'), 'take back'])],
            'remark' => ['nullable', 'string', 'max:200'],
        ];
    }
}
