<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Http\Keyed;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\StepKind;

/** What has to be sent for `CracksController::step`. */
final class CrackStepRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $keyed = Keyed::in($this);

        return [
            'run' => ['required', 'string', 'size:26'],
            'step' => ['required', Rule::enum(StepKind::class)],
            'look' => ['nullable', Rule::enum(Look::class)],
            'leaks' => ['nullable', 'integer', 'between:0,99'],
            'result' => ['nullable', 'string', 'max:200'],
        ] +
            $keyed->temperatureRules('temperature') +
            $keyed->pressureRules('begin', 'end');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $keyed = Keyed::in($this);

        return ['temperature.*' => $keyed->temperatureWords(), 'begin.*' => $keyed->pressureWords(), 'end.*' => $keyed->pressureWords()];
    }
}
