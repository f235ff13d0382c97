<?php

declare(strict_types=1);

namespace App\Models;

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
    // Said, so that no request works out the plural of its name.
    protected $table = 'users';

    protected $fillable = ['login', 'name', 'role', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed'];
    }
}
