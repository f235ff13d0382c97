<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\Job;
use App\Words\Line;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Work\OperationKind;

/** What has to be sent for `LoadController::pin`. */
final class PinRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'operation' => ['required', 'string', 'max:60', 'regex:#^NL-\d{1,9}/[a-z ]{1,30}$#'],
            'starts' => ['nullable', 'string', 'date_format:Y-m-d\TH:i'],
            'mark' => ['nullable', 'string', 'max:60'],
            'snap' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['operation' => Line::of('load.pin.unknown'), 'starts' => Line::of('load.pin.when')];
    }

    public function operation(): string
    {
        return $this->string('operation')->toString();
    }

    public function jobNumber(): int
    {
        return (int) Job::numberOf(explode('/', $this->operation())[0]);
    }

    /** Null where there is no such kind of work. */
    public function kind(): ?OperationKind
    {
        return OperationKind::tryFrom(explode('/', $this->operation())[1]);
    }

    /** Null: it is not pinned any more. */
    public function starts(): ?Carbon
    {
        $text = $this->string('starts')->toString();

        return $text === '' ? null : Carbon::instance(new DateTimeImmutable($text, Carbon::now()->getTimezone()));
    }

    /** True where a time that was only pointed at is meant for the next open minute. */
    public function snaps(): bool
    {
        return $this->boolean('snap');
    }

    public function mark(): string
    {
        return $this->string('mark')->toString();
    }
}
