<?php

declare(strict_types=1);

namespace App\Feed;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `FeedController::taken`. */
final class TakenLinesRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['lines' => ['required', 'array', 'max:200'], 'lines.*' => ['ulid']];
    }
}
