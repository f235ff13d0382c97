<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Contracts\Routing\UrlRoutable;

/**
 * A job by the number in its tag, for an action that writes: it reads the job's row with the lock, and a job that is not there is found
 * missing then.
 */
final readonly class JobNumber implements UrlRoutable
{
    public function __construct(public int $id = 0)
    {
    }

    public function getRouteKey(): string
    {
        return Job::tagOf($this->id);
    }

    public function getRouteKeyName(): string
    {
        return 'id';
    }

    /**
     * @param  mixed  $value
     * @param  ?string  $field
     */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        $number = Job::numberOf((string) $value);

        return $number === null ? null : new self($number);
    }

    /**
     * Nothing is found below a number.
     *
     * @param  string  $childType
     * @param  mixed  $value
     * @param  ?string  $field
     */
    public function resolveChildRouteBinding($childType, $value, $field): null
    {
        return null;
    }
}
