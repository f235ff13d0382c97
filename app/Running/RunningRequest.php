<?php

declare(strict_types=1);

namespace App\Running;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Features\Running\RunningLook;
use NorthLedger\Core\Features\Running\RunningPart;

/** What was seen of one running part, as it is typed. */
final class RunningRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'part' => ['required', Rule::enum(RunningPart::class)],
            'look' => ['required', Rule::enum(RunningLook::class)],
            'replaced' => ['required', 'boolean'],
            'remark' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'part' => Line::of('running.told.choose_part'),
            'look' => Line::of('running.told.choose_how_looks'),
            'replaced' => Line::of('running.told.does_go_back_replaced'),
        ];
    }

    public function part(): RunningPart
    {
        return RunningPart::from($this->string('part')->toString());
    }

    public function look(): RunningLook
    {
        return RunningLook::from($this->string('look')->toString());
    }

    public function remark(): string
    {
        return trim($this->string('remark')->toString());
    }
}
