<?php

declare(strict_types=1);

namespace App\Stages\Release;

use App\Storage\CertificateStanding;
use App\Storage\RecallCause;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What has to be sent for `ReleaseController::recall`. */
final class RecallRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'standing' => ['required', Rule::enum(CertificateStanding::class)->except(CertificateStanding::Replaced)],
            'cause' => ['required', Rule::enum(RecallCause::class)],
            'reason' => ['required', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => Line::of('release.say_what')];
    }
}
