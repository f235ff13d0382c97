<?php

declare(strict_types=1);

namespace App\Feed;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `FeedController::claim`. */
final class ClaimGaugeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['gauge' => ['required', 'string', 'max:12'], 'seat' => ['required', 'ulid']];
    }
}
