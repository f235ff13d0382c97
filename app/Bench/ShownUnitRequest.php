<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Quantity\LengthUnit;

/** What has to be sent for `ShownUnitController::store`. */
final class ShownUnitRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['unit' => ['required', Rule::enum(LengthUnit::class)]];
    }
}
