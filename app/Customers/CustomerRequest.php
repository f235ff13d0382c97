<?php

declare(strict_types=1);

namespace App\Customers;

use App\Offers\OfferRoute;
use App\Storage\Customer;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is known of a customer, as it is typed. */
final class CustomerRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $customer = $this->route('customer');

        return [
            'name' => [
                'required',
                'string',
                'max:120',
                Rule::unique('customers', 'name')->ignore($customer instanceof Customer ? $customer->id : null),
            ],
            'address' => ['nullable', 'string', 'max:300'],
            'email' => ['nullable', 'email', 'max:160'],
            'phone' => ['nullable', 'string', 'max:60'],
            'asked_by' => ['nullable', Rule::enum(OfferRoute::class)->only(OfferRoute::ofTheShop())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => Line::of('customers.told.customer_name'),
            'name.unique' => Line::of('customers.told.customer_name_already_merge'),
            'email.email' => Line::of('customers.told.write_address_like_office'),
            'asked_by' => Line::of('customers.told.choose_how_they_want'),
        ];
    }

    /** @return array<string, string> */
    public function kept(): array
    {
        $kept = [];
        foreach (['name', 'address', 'email', 'phone', 'asked_by'] as $field) {
            $kept[$field] = trim($this->string($field)->toString());
        }

        return $kept;
    }
}
