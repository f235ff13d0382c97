<?php

declare(strict_types=1);

namespace App\Bench;

use App\Storage\Customer;
use App\Storage\Job;
use Illuminate\Database\Eloquent\Builder;

/** Finds jobs by tag, by the beginning of a serial number, or by a part of the customer's name; each by an index. */
final readonly class JobFinder
{
    private const MOST_CUSTOMERS = 200;

    private const MOST_SHOWN = 6;

    private const LEAST_DIGITS = 4;

    private const DIGITS_OF_PHONE = "regexp_replace(phone, '[^0-9]', '') like ?";

    /** @return list<Customer> By a part of the name or of the e-mail address, or by the digits of the telephone number */
    public function customers(string $text): array
    {
        $like = addcslashes(trim($text), '%_\\');
        $digits = preg_replace('/\D/', '', $text);

        return array_values(
            Customer::query()
                ->where('name', 'like', "%{$like}%")
                ->orWhere('email', 'like', "%{$like}%")
                ->when(
                    strlen((string) $digits) >= self::LEAST_DIGITS,
                    static fn (Builder $query): Builder => $query->orWhereRaw(self::DIGITS_OF_PHONE, ["%{$digits}%"]),
                )
                ->orderBy('name')
                ->limit(self::MOST_SHOWN)
                ->get()
                ->all(),
        );
    }

    /** @return Builder<Job> */
    public function matching(string $text): Builder
    {
        $text = trim($text);
        $like = addcslashes($text, '%_\\');
        $customers = Customer::query()
            ->where('name', 'like', "%{$like}%")
            ->limit(self::MOST_CUSTOMERS)
            ->pluck('id');
        $number = Job::numberOf($text);

        return Job::query()->where(
            static fn (Builder $query): Builder => $query
                ->where('serial', 'like', "{$like}%")
                ->orWhereIn('customer_id', $customers)
                ->when($number !== null, static fn (Builder $query): Builder => $query->orWhere('id', $number)),
        );
    }
}
