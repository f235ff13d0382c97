<?php

declare(strict_types=1);

namespace App\Storage;

use App\People\Role;
use Illuminate\Support\Facades\DB;

/** How long somebody stays logged in, and who has to show a second factor; the owner's choice. */
final readonly class AccessRules
{
    public const LONGEST_HOURS = 24;

    /** @param  list<Role>  $secondFactorFor */
    public function __construct(
        /** Without a key pressed, on a desk or a phone */
        public int $idleHours = 4,
        /** The same on a tablet that stays at a bench */
        public int $tabletIdleHours = 12,
        /** However busy */
        public int $longestHours = 16,
        /** Who signs later than this shows the second factor again */
        public int $signAgainHours = 8,
        public array $secondFactorFor = [],
    ) {
    }

    public static function inForce(): self
    {
        return self::fromJson(DB::scalar('SELECT access FROM houses LIMIT 1'));
    }

    public static function fromJson(?string $json): self
    {
        if ($json === null) {
            return new self();
        }
        /** @var array{idleHours: int, tabletIdleHours: int, longestHours: int, signAgainHours: int, secondFactorFor: list<string>} $kept */
        $kept = json_decode($json, true, 4, JSON_THROW_ON_ERROR);

        return new self(...['secondFactorFor' => array_map(Role::from(...), $kept['secondFactorFor'])] + $kept);
    }

    public function keep(): void
    {
        DB::update('UPDATE houses SET access = ?', [json_encode($this, JSON_THROW_ON_ERROR)]);
    }

    public function wantsSecondFactor(Role $role): bool
    {
        return in_array($role, $this->secondFactorFor, true);
    }
}
