<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 */
final class Customer extends Model
{
    use BootsPlainly;

    public $timestamps = false;

    protected $fillable = ['name'];
}
