<?php

declare(strict_types=1);

namespace App\Stages\Work;

use Illuminate\Foundation\Http\FormRequest;
use NorthLedger\Core\Work\Logs\ClockState;

/** What has to be sent for `WorkController::time`. */
final class TimeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $states = implode(',', array_column(ClockState::cases(), 'value'));

        return ['operation' => ['required', 'string', 'max:40'], 'state' => ['required', 'string', "in:{$states}"]];
    }

    public function operation(): string
    {
        return $this->string('operation')->toString();
    }

    public function state(): ClockState
    {
        return ClockState::from($this->string('state')->toString());
    }
}
