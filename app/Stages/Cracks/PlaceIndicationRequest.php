<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Cracks\Look;

/** What has to be sent for `CracksController::place`. */
final class PlaceIndicationRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'face' => ['required', Rule::enum(Face::class)],
            'zone' => ['required', Rule::enum(CrackZone::class)],
            'cylinder' => ['nullable', 'integer', 'between:1,16'],
            'look' => ['required', Rule::in(array_map(static fn (Look $look): string => $look->value, Look::FIRST))],
            'length' => ['nullable', 'string', 'max:40'],
            'remark' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['look.required' => Line::of('cracks.ask.how_it_looks')];
    }
}
