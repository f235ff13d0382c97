<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `PlanController::store`. */
final class ChooseOptionRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'option' => ['nullable', 'string', 'max:30'],
            'parts' => ['array', 'max:60'],
            'parts.*' => ['string', 'max:30'],
            'reason' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> By part; only what names a part and a choice */
    public static function parts(mixed $sent): array
    {
        return is_array($sent)
            ? array_filter($sent, static fn (mixed $code, mixed $part): bool => is_string($part) && is_string($code), ARRAY_FILTER_USE_BOTH)
            : [];
    }
}
