<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;

/** A wanted deck clearance, ratio or chamber, as it is typed; nothing typed takes it back. */
final class BuildTargetRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'about' => ['required', 'regex:/^(deck|ratio\.\d{1,2}|chamber\.\d{1,2})$/D'],
            'wanted' => ['nullable', 'string', 'max:20'],
            'reason' => ['required', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => Line::of('plan.told.say_why_built_pistons')];
    }

    public function subject(): string
    {
        return $this->string('about')->toString();
    }

    public function typed(): string
    {
        return trim($this->string('wanted')->toString());
    }

    public function reason(): string
    {
        return trim($this->string('reason')->toString());
    }
}
