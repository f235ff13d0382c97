<?php

declare(strict_types=1);

namespace App\Offers;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** What has to be sent for `OfferController::store`. */
final class SendOfferRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'by' => ['required', Rule::enum(OfferRoute::class)->only(OfferRoute::ofTheShop())],
            'wanted_by' => ['required', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['by' => 'Choose how it goes to the customer.', 'wanted_by' => 'Until when is the answer wanted?'];
    }

    public function how(): OfferRoute
    {
        return OfferRoute::from($this->string('by')->toString());
    }

    public function wantedBy(): Carbon
    {
        return Carbon::parse($this->string('wanted_by')->toString());
    }
}
