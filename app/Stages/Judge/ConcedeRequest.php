<?php

declare(strict_types=1);

namespace App\Stages\Judge;

use App\Security\OwnSignature;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `JudgeController::concede`. */
final class ConcedeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(OwnSignature $signature): array
    {
        return [
            'finding' => ['required', 'string', 'max:120'],
            'worst' => ['required', 'string', 'max:200'],
            'accepted_by' => ['required', 'string', 'max:120'],
            'password' => ['required', $signature],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'worst.*' => Line::of('judge.told.say_worst_can_come'),
            'accepted_by.*' => Line::of('judge.told.who_accepts'),
        ] + JudgeController::signature();
    }
}
