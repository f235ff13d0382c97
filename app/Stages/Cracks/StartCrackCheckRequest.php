<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Http\Keyed;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\Surface;

/** What has to be sent for `CracksController::begin`. */
final class StartCrackCheckRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $keyed = Keyed::in($this);

        return [
            'part' => ['required', Rule::enum(EnginePart::class)],
            'method' => ['required', Rule::enum(CheckMethod::class)],
            'surface' => ['required', Rule::enum(Surface::class)],
            'lab' => ['nullable', 'string', 'max:80'],
            'faces' => ['nullable', 'array'],
            'faces.*' => [Rule::enum(Face::class)],
            'school' => ['nullable', Rule::enum(DwellSchool::class)],
            'developer_minutes' => ['nullable', 'integer', 'between:10,60'],
        ] + $keyed->temperatureRules('temperature');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $keyed = Keyed::in($this);

        return ['temperature.*' => $keyed->temperatureWords(), 'developer_minutes.*' => Line::of('cracks.ask.developer_minutes')];
    }
}
