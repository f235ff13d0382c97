<?php

declare(strict_types=1);

namespace App\Sheet;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Places\FeatureCodes;

/** What has to be sent for `CheckBackController::store`. */
final class CheckBackRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'shows' => ['nullable', 'string', 'max:60'],
            'master' => ['nullable', 'string', 'max:60'],
            'feature' => ['nullable', Rule::in(FeatureCodes::stated())],
        ];
    }
}
