<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Storage\SpecBook;
use App\Words\Line;
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
            'required' => Line::of('receive.ask.needed'),
            'family.in' => Line::of('receive.ask.family'),
            'budget.regex' => Line::of('receive.ask.amount'),
            'due_on.date_format' => Line::of('receive.ask.day'),
            'declared_evidence.required_with' => Line::of('receive.ask.evidence'),
        ];
    }
}
