<?php

declare(strict_types=1);

namespace App\Storage;

use App\People\Ability;
use App\People\Role;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $login
 * @property string $name
 * @property Role $role
 */
final class User extends Authenticatable
{
    use BootsPlainly;

    // Said, so that no request works out the plural of its name.
    protected $table = 'users';

    protected $fillable = ['login', 'name', 'role', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /**
     * What somebody may write follows from the role alone; other abilities are the gate's.
     *
     * @param  iterable<mixed>|string|\UnitEnum  $abilities
     * @param  mixed  $arguments
     */
    public function can($abilities, $arguments = []): bool
    {
        $ability = is_string($abilities) ? Ability::tryFrom($abilities) : null;

        return $ability === null ? parent::can($abilities, $arguments) : $this->role->may($ability);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed'];
    }
}
