<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Photos\PhotoStore;
use App\Storage\Stage;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What has to be sent for `PhotoController::store`. */
final class PhotoRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'photo' => ['required', 'file', 'max:'.PhotoStore::MOST_MEGABYTES * 1024],
            'subject' => ['required', 'string', 'max:60', 'regex:/^(engine|paperwork|(part|item|indication)\.[A-Za-z0-9.-]{1,50})$/D'],
            'remark' => ['nullable', 'string', 'max:120'],
            'stage' => ['required', Rule::in([Stage::Receive->value, Stage::Clean->value, Stage::Cracks->value])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'photo.required' => Line::of('receive.ask.picture'),
            'photo.uploaded' => Line::of('receive.ask.picture_lost', ['most' => PhotoStore::MOST_MEGABYTES]),
            'photo.max' => Line::of('receive.ask.picture_too_large', ['most' => PhotoStore::MOST_MEGABYTES]),
        ];
    }
}
