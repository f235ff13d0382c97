<?php

declare(strict_types=1);

namespace App\Offers;

use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A customer's answer, whoever writes it down. */
final class AnswerRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'way' => ['required', 'string', 'max:30'],
            'name' => ['required', 'string', 'max:120'],
            'by' => ['nullable', Rule::enum(OfferRoute::class)->only(OfferRoute::ofTheShop())],
            'remark' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'way.required' => Line::of('offer.told.choose_one_ways_none'),
            'name.required' => Line::of('offer.told.write_name_who_answers'),
            'by' => Line::of('offer.told.choose_how_answer_came'),
        ];
    }

    public function way(): string
    {
        return $this->string('way')->toString();
    }

    public function name(): string
    {
        return trim($this->string('name')->toString());
    }

    /** By telephone where nobody says. */
    public function how(): OfferRoute
    {
        return OfferRoute::tryFrom($this->string('by')->toString()) ?? OfferRoute::Telephone;
    }

    public function remark(): string
    {
        return trim($this->string('remark')->toString());
    }
}
