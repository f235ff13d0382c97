<?php

declare(strict_types=1);

namespace App\Session;

use App\Storage\User;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Hashing\Hasher;

/** Finds people; the one of the session was read along with it, in one question to the database. */
final class PeopleProvider extends EloquentUserProvider
{
    public function __construct(Hasher $hasher, private readonly PersonOfSession $person)
    {
        parent::__construct($hasher, User::class);
    }

    public function retrieveById($identifier): ?User
    {
        $row = $this->person->row;

        return $row !== null && $row['id'] === $identifier ? (new User())->newFromBuilder($row) : User::query()->find($identifier);
    }
}
