<?php

declare(strict_types=1);

namespace App\Package;

use App\People\Role;
use App\Storage\User;
use Illuminate\Support\Str;

/** Who wrote what came in: of this house its own people, of another names that nobody here can take for theirs. */
final readonly class ForeignPeople
{
    private const NAME = 80;

    public function __construct(private PackageOrigin $origin)
    {
    }

    /** @param  array{login: string, name: string, role: string, house?: array{name: string, key: string}}  $person */
    public function known(array $person): User
    {
        return match (true) {
            isset($person['house']) => self::foreign($person, PackageOrigin::told($person['house'])),
            $this->origin->isThisHouse() => $this->own($person),
            default => self::foreign($person, $this->origin),
        };
    }

    /**
     * Somebody who is not known here any more becomes known by name; nobody can log in as them before the owner gives them a password.
     *
     * @param  array{login: string, name: string, role: string}  $person
     */
    private function own(array $person): User
    {
        return User::query()->whereNull('foreign_identity')->firstWhere('login', $person['login']) ??
            User::query()->create([
                'login' => $person['login'],
                'name' => $person['name'],
                'role' => Role::from($person['role']),
                'password' => Str::random(60),
            ]);
    }

    /** @param  array{login: string, name: string, role: string}  $person */
    private static function foreign(array $person, PackageOrigin $origin): User
    {
        $identity = ['login' => $person['login'], 'name' => $person['name'], 'house' => $origin->house, 'key' => $origin->key];
        $login = 'of-another-house.'.substr(hash('sha256', (string) json_encode($identity)), 0, 32);
        $known = User::query()->firstWhere('login', $login);
        if ($known !== null) {
            return $known;
        }
        $user = new User([
            'login' => $login,
            'name' => mb_strimwidth("{$person['name']}, {$origin->words()}", 0, self::NAME, '…'),
            'role' => Role::from($person['role']),
            'password' => Str::random(60),
        ]);
        $user->foreign_identity = $identity;
        $user->locked_at = now();
        $user->save();

        return $user;
    }
}
