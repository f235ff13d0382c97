<?php

declare(strict_types=1);

namespace App\Offers;

use App\Words\Line;
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
        return ['by' => Line::of('offer.told.choose_how_goes_customer'), 'wanted_by' => Line::of('offer.told.until_when_answer_wanted')];
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
