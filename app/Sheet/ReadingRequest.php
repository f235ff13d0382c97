<?php

declare(strict_types=1);

namespace App\Sheet;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `ReadingController::store`. */
final class ReadingRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $ofTheFeed = [
            'feed' => ['array:gauge,number'],
            'feed.gauge' => ['required', 'string', 'max:12'],
            'feed.number' => ['required', 'integer', 'between:0,999999999999'],
        ];

        $wherePresent = [
            'setup' => ['nullable', 'string', 'size:26'],
            'repeat' => ['boolean'],
            'confirmed' => ['boolean'],
            'reason' => ['nullable', 'string', 'max:200'],
            'saw' => ['nullable', 'integer', 'min:0'],
        ];

        return ($this->input('feed') === null ? [] : $ofTheFeed) + [
            'place' => ['required', 'string', 'max:40'],
            'text' => ['present', 'nullable', 'string', 'max:60'],
            ...array_intersect_key($wherePresent, $this->all()),
        ];
    }
}
