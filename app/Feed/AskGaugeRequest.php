<?php

declare(strict_types=1);

namespace App\Feed;

use Illuminate\Foundation\Http\FormRequest;

/** What has to be sent for `FeedController::ask`. */
final class AskGaugeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['place' => ['required', 'string', 'max:40']];
    }
}
