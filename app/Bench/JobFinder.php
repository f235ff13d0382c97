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
