<?php

declare(strict_types=1);

namespace App\Customers;

use App\Offers\OfferRoute;
use App\Storage\Customer;
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
            'name.required' => 'A customer has a name.',
            'name.unique' => 'There is a customer of that name already. Merge the two below if they are one.',
            'email.email' => 'Write an address like office@example.net.',
            'asked_by' => 'Choose how they want to be asked.',
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
