<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Storage\SpecBook;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Features\Receiving\Arrival;
use NorthLedger\Core\Features\Receiving\Purpose;
use NorthLedger\Core\Features\Receiving\Usage;

/** What has to be sent for `ReceiveController::store`. */
final class ReceiveJobRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(SpecBook $specs): array
    {
        $family = $this->string('family')->toString();

        return [
            'family' => ['required', Rule::in($specs->has($family) ? [$family] : [])],
            'serial' => ['required', 'string', 'max:60'],
            'customer' => ['required', 'string', 'max:120'],
            'description' => ['nullable', 'string', 'max:120'],
            'due_on' => ['required', 'date_format:Y-m-d'],
            'wishes' => ['nullable', 'string', 'max:2000'],
            'arrival' => ['nullable', Rule::enum(Arrival::class)],
            'purpose' => ['nullable', Rule::enum(Purpose::class)],
            'castings' => ['nullable', 'string', 'max:120'],
            'usage' => ['nullable', Rule::enum(Usage::class)],
            'budget' => ['nullable', 'regex:/^\d{1,7}(\.\d{2})?$/'],
            'declared_step' => ['nullable', 'string', 'max:20'],
            'declared_evidence' => ['nullable', 'required_with:declared_step', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed to take the engine in.',
            'family.in' => 'Choose one of the families in the spec book.',
            'budget.regex' => 'Write an amount like 2400 or 2400.50.',
            'due_on.date_format' => 'Give the day as year-month-day, like 2026-12-05.',
            'declared_evidence.required_with' => 'Say what shows the size step: the number on a piston crown, or the paperwork.',
        ];
    }
}
