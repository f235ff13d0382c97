<?php

declare(strict_types=1);

namespace App\Stages\Judge;

use App\Security\OwnSignature;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\PartVerdict;

/** What has to be sent for `JudgeController::overrule`. */
final class OverruleRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(OwnSignature $signature): array
    {
        return [
            'part' => ['required', Rule::enum(EnginePart::class)],
            'verdict' => ['required', Rule::enum(PartVerdict::class)->except(PartVerdict::NotYetKnown)],
            'reason' => ['required', 'string', 'min:4', 'max:400'],
            'password' => ['required', $signature],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.*' => Line::of('judge.told.say_why_few_words')] + JudgeController::signature();
    }
}
