<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $address  For letters
 * @property string $email
 * @property string $phone
 * @property string $asked_by  How they want to be asked: a code of OfferRoute, or nothing
 */
final class Customer extends Model
{
    use BootsPlainly;

    protected $table = 'customers';

    public $timestamps = false;

    protected $fillable = ['name', 'address', 'email', 'phone', 'asked_by'];

    /** @var array<string, string> */
    protected $attributes = ['address' => '', 'email' => '', 'phone' => '', 'asked_by' => ''];
}
