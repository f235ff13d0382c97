<?php

declare(strict_types=1);

namespace App\Practice;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Practice\GaugeSetting;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** What has to be sent for `SettingController::answer`. */
final class SettingRequest extends FormRequest
{
    private const MOST_SEED = 999_999_999;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $line = static fn (int $most): array => ['required', 'integer', "between:0,{$most}"];
        $isInch = $this->input('unit') === LengthUnit::Inch->value;

        return [
            'seed' => ['required', 'integer', 'between:0,'.self::MOST_SEED],
            'unit' => ['required', Rule::enum(LengthUnit::class)],
            'extension' => ['required', 'integer', 'between:0,999999999'],
            'washer' => ['required', 'integer', 'between:0,999999999'],
            'frame' => $line(999),
            'sleeve' => $line($isInch ? 40 : 50),
            'thimble' => $line($isInch ? 24 : 49),
            'vernier' => $line(9),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [];
        foreach (['extension', 'washer'] as $part) {
            $messages[$part] = Line::of("practice.setting.no_{$part}");
        }
        foreach (['frame', 'sleeve', 'thimble', 'vernier'] as $scale) {
            $messages[$scale] = Line::of('practice.setting.no_line');
        }

        return $messages;
    }

    public function setting(): GaugeSetting
    {
        return GaugeSetting::of(LengthUnit::from($this->string('unit')->toString()), $this->integer('seed'));
    }

    public function extension(): Length
    {
        return Length::ofNanometres($this->integer('extension'));
    }

    public function washer(): Length
    {
        return Length::ofNanometres($this->integer('washer'));
    }

    /** Everything that was set, in the order of the form: what it was worth follows from it. */
    public function typed(): string
    {
        return implode(' ', array_map($this->integer(...), ['extension', 'washer', 'frame', 'sleeve', 'thimble', 'vernier']));
    }

    public function standsAt(GaugeSetting $setting): Length
    {
        return $setting->standsAt($this->integer('frame'), $this->integer('sleeve'), $this->integer('thimble'), $this->integer('vernier'));
    }
}
