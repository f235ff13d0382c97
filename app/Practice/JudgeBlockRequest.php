<?php

declare(strict_types=1);

namespace App\Practice;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `BlockController::judge`. */
final class JudgeBlockRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['can_stay' => ['required', 'in:yes,no'], 'way' => ['required', 'string', 'max:40']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['can_stay' => Line::of('practice.block.say_stay'), 'way' => Line::of('practice.block.say_way')];
    }

    public function canStay(): bool
    {
        return $this->string('can_stay')->toString() === 'yes';
    }

    public function way(): string
    {
        return $this->string('way')->toString();
    }
}
