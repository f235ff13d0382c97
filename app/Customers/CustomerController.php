<?php

declare(strict_types=1);

namespace App\Customers;

use App\Bench\BenchRow;
use App\Offers\OfferRoute;
use App\Storage\Customer;
use App\Storage\Job;
use App\Storage\SpecBook;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The shop's customers: who they are, how they want to be asked, and what they brought. */
final class CustomerController
{
    private const MOST = 200;

    private const MOST_JOBS = 100;

    public function index(Request $request): View
    {
        $text = mb_substr(trim((string) $request->query('q', '')), 0, 60);
        $like = addcslashes($text, '%_\\');

        return view('customers.index', [
            'typed' => $text,
            'customers' => Customer::query()
                ->where('name', 'like', "%{$like}%")
                ->orderBy('name')
                ->limit(self::MOST)
                ->get(),
        ]);
    }

    public function show(Customer $customer, SpecBook $specs): View
    {
        $jobs = Job::query()
            ->with('customer')
            ->where('customer_id', $customer->id)
            ->orderByDesc('id')
            ->limit(self::MOST_JOBS)
            ->get()
            ->all();

        return view('customers.show', [
            'customer' => $customer,
            'rows' => BenchRow::all($jobs, $specs),
            'routes' => OfferRoute::ofTheShop(),
            'others' => Customer::query()->whereKeyNot($customer->id)->orderBy('name')->limit(self::MOST)->get(),
        ]);
    }

    public function update(CustomerRequest $request, Customer $customer): RedirectResponse
    {
        $customer->fill($request->kept())->save();

        return redirect()->route('customers.show', $customer)->with('note', 'Kept.');
    }

    public function merge(Request $request, Customer $customer, MergeCustomers $merge): RedirectResponse
    {
        /** @var array{other: int} $data */
        $data = $request->validate(
            ['other' => ['required', 'integer', 'exists:customers,id', "not_in:{$customer->id}"]],
            ['other' => Line::of('customers.told.choose_entry_same_customer')],
        );
        $jobs = $merge->handle($customer, Customer::query()->findOrFail($data['other']));

        return redirect()
            ->route('customers.show', $customer)
            ->with('note', Line::of('customers.merged', ['jobs' => $jobs]));
    }
}
