<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Finding\PartVerdict;

/** What has to be sent for `EngineController::judge`. */
final class JudgeEngineRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'parts' => ['required', 'array', 'max:10'],
            'parts.*' => ['required', Rule::enum(PartVerdict::class)->except([PartVerdict::NotYetKnown])],
            'way' => ['required', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'parts' => Line::of('practice.engine.say_parts'),
            'parts.*' => Line::of('practice.engine.say_parts'),
            'way' => Line::of('practice.block.say_way'),
        ];
    }

    /**
     * @param  array<string, PartVerdict>  $parts  That the engine has
     * @return array<string, PartVerdict> What was stated of each; not known where nothing was
     */
    public function verdicts(array $parts): array
    {
        $verdicts = [];
        foreach (array_keys($parts) as $part) {
            $verdicts[$part] = PartVerdict::tryFrom($this->string("parts.{$part}")->toString()) ?? PartVerdict::NotYetKnown;
        }

        return $verdicts;
    }

    public function way(): string
    {
        return $this->string('way')->toString();
    }
}
