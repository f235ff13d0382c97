<?php

declare(strict_types=1);

namespace App\Sheet;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `SheetController::weightList`. */
final class WeightListRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'list' => ['nullable', 'string', 'max:8000'],
            'from' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function list(): string
    {
        return $this->string('list')->toString();
    }

    public function from(): string
    {
        return $this->string('from')->trim()->toString();
    }
}
