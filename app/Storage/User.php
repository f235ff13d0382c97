<?php

declare(strict_types=1);

namespace App\Storage;

use App\People\Ability;
use App\People\PasswordKind;
use App\People\Role;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $login
 * @property string $name
 * @property Role $role
 * @property string $password
 * @property PasswordKind $password_kind
 * @property bool $sees_prices
 * @property ?array{secret: string, used: int, recovery: list<string>} $second_factor  Recovery codes as hashes
 * @property ?Carbon $password_changed_at
 * @property ?Carbon $locked_at
 * @property ?Carbon $logged_in_at  The last log-in
 * @property ?array{login: string, name: string, house: string, key: string} $foreign_identity  Who it is in the house that a job came from;
 *     null for everybody of this one
 */
final class User extends Authenticatable
{
    use BootsPlainly;

    // Said, so that no request works out the plural of its name.
    /** People are the same in both houses. */
    protected $connection = 'mariadb';

    protected $table = 'users';

    protected $fillable = ['login', 'name', 'role', 'password', 'password_kind', 'sees_prices'];

    protected $attributes = ['password_kind' => 'own', 'sees_prices' => true];

    private bool $isPractising = false;

    /** A name that came with a job of another house: nobody lets it in, or changes it. */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        return self::query()->whereNull('foreign_identity')->find($value);
    }

    protected $hidden = ['password', 'remember_token', 'second_factor'];

    /**
     * What somebody may write follows from the role, and who sees prices is said by person; other abilities are the gate's.
     *
     * @param  iterable<mixed>|string|\UnitEnum  $abilities
     * @param  mixed  $arguments
     */
    public function can($abilities, $arguments = []): bool
    {
        $ability = is_string($abilities) ? Ability::tryFrom($abilities) : null;

        return $ability === null ? parent::can($abilities, $arguments) : $this->may($ability);
    }

    /** Whoever practises does everything himself, whatever his role is in the shop. */
    public function practise(): void
    {
        $this->isPractising = true;
    }

    public function may(Ability $ability): bool
    {
        if ($this->isPractising) {
            return true;
        }

        return $ability === Ability::SeePrices ? $this->sees_prices : $this->role->may($ability);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'role' => Role::class,
            'password' => 'hashed',
            'password_kind' => PasswordKind::class,
            'password_changed_at' => 'datetime',
            'locked_at' => 'datetime',
            'logged_in_at' => 'datetime',
            'sees_prices' => 'boolean',
            'second_factor' => 'encrypted:array',
            'foreign_identity' => 'array',
        ];
    }
}
