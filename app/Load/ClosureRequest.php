<?php

declare(strict_types=1);

namespace App\Load;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Work\Machine;

/** What has to be sent for `HoursController::close`. */
final class ClosureRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'of' => ['required', 'string', 'regex:/^(shop|person \d{1,9}|machine [a-z_]{1,20})$/'],
            'begins' => ['bail', 'required', 'string', 'date_format:Y-m-d\TH:i'],
            'ends' => ['bail', 'required', 'string', 'date_format:Y-m-d\TH:i', 'after:begins'],
            'why' => ['required', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'begins' => Line::of('load.rules.when'),
            'ends.after' => Line::of('load.rules.span'),
            'ends' => Line::of('load.rules.when'),
            'why' => Line::of('load.rules.why'),
            'of' => Line::of('load.rules.whose'),
        ];
    }

    public function machine(): ?Machine
    {
        return str_starts_with($this->whose(), 'machine ') ? Machine::tryFrom(substr($this->whose(), 8)) : null;
    }

    public function person(): ?int
    {
        return str_starts_with($this->whose(), 'person ') ? (int) substr($this->whose(), 7) : null;
    }

    public function isOfShop(): bool
    {
        return $this->whose() === 'shop';
    }

    public function begins(): Carbon
    {
        return Carbon::parse($this->string('begins')->toString());
    }

    public function ends(): Carbon
    {
        return Carbon::parse($this->string('ends')->toString());
    }

    private function whose(): string
    {
        return $this->string('of')->toString();
    }
}
