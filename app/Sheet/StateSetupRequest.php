<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Http\Keyed;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Places\FeatureCodes;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\ReadingUnit;

/** What has to be sent for `SetupController::store`. */
final class StateSetupRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $keyed = Keyed::in($this);

        return [
            'feature' => ['required', Rule::in(FeatureCodes::stated())],
            'instrument' => ['required', 'string', 'max:40'],
            'reading_unit' => ['nullable', Rule::enum(ReadingUnit::class)],
            'zero' => ['nullable', 'string', 'max:60'],
            'zero_place' => ['nullable', 'string', 'max:40'],
            'master' => ['nullable', 'string', 'max:12'],
            'zero_with' => ['nullable', Rule::in(array_column(InstrumentKind::thatSetZeros(), 'value'))],
        ] + $keyed->temperatureRules('part_temperature', 'master_temperature');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $keyed = Keyed::in($this);

        return ['part_temperature.*' => $keyed->temperatureWords(), 'master_temperature.*' => $keyed->temperatureWords()];
    }
}
