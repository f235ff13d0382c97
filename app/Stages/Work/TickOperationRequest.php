<?php

declare(strict_types=1);

namespace App\Stages\Work;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\TickState;

/** What has to be sent for `WorkController::store`. */
final class TickOperationRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'operation' => ['required', 'string', 'max:30'],
            'state' => ['required', Rule::enum(TickState::class)],
            'actual' => ['nullable', 'string', 'max:60'],
            'remark' => ['nullable', 'string', 'max:200'],
        ];
    }

    public function operation(): string
    {
        return $this->string('operation')->toString();
    }

    /** “3” of “pistons measured.3” */
    public function place(): string
    {
        return explode('.', $this->operation(), 2)[1] ?? '';
    }

    public function state(): TickState
    {
        return TickState::from($this->string('state')->toString());
    }

    public function typed(string $field): string
    {
        return trim($this->string($field)->toString());
    }

    public function measuresAPiston(): bool
    {
        return $this->state() === TickState::Done && str_starts_with($this->operation(), OperationKind::PistonsMeasured->value.'.');
    }
}
