<?php

declare(strict_types=1);

namespace App\Customers;

use App\Storage\Customer;
use App\Storage\Job;
use Illuminate\Support\Facades\DB;

/** Makes one customer of two that were entered twice: the jobs come along, and what only the other one says of itself. */
final readonly class MergeCustomers
{
    /** @return int How many jobs came along */
    public function handle(Customer $kept, Customer $other): int
    {
        return DB::transaction(static function () use ($kept, $other): int {
            $jobs = Job::query()
                ->where('customer_id', $other->id)
                ->update(['customer_id' => $kept->id]);
            foreach (['address', 'email', 'phone', 'asked_by'] as $field) {
                if ($kept->getAttribute($field) === '') {
                    $kept->setAttribute($field, $other->getAttribute($field));
                }
            }
            $other->delete();
            $kept->save();

            return $jobs;
        });
    }
}
