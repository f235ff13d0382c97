<?php

declare(strict_types=1);

namespace App\Security;

use App\Storage\User;
use Illuminate\Support\Facades\DB;
use LogicException;

/** The second factor of a person: a time code, or one of ten recovery codes that are good once. */
final readonly class SecondFactor
{
    private const RECOVERY_CODES = 10;

    public function __construct(private User $person)
    {
    }

    /** @return list<string> The recovery codes, shown once */
    public function set(TimeCode $code, int $step): array
    {
        $codes = array_map(OneTimePassword::make(...), array_fill(0, self::RECOVERY_CODES, null));
        $this->keep(['secret' => $code->secret, 'used' => $step, 'recovery' => array_map(self::hash(...), $codes)]);

        return $codes;
    }

    public function remove(): void
    {
        $this->keep(null);
    }

    /** Whether this is a code of now, or a recovery code that was not used; neither is good again, even twice at once. */
    public function accepts(string $typed): bool
    {
        $plain = (string) preg_replace('/\s/', '', $typed);

        return DB::transaction(function () use ($plain): bool {
            $kept =
                User::query()->lockForUpdate()->findOrFail($this->person->id)->second_factor ??
                throw new LogicException('This person has no second factor.');
            $step = (new TimeCode($kept['secret']))->stepOf($plain, now()->getTimestamp(), $kept['used']);
            $hash = self::hash(mb_strtolower($plain));
            if ($step === null && ! in_array($hash, $kept['recovery'], true)) {
                return false;
            }
            $this->keep([
                'secret' => $kept['secret'],
                'used' => $step ?? $kept['used'],
                'recovery' => array_values(array_diff($kept['recovery'], [$hash])),
            ]);

            return true;
        });
    }

    public function recoveryCodesLeft(): int
    {
        return count($this->person->second_factor['recovery'] ?? []);
    }

    /** @param  ?array{secret: string, used: int, recovery: list<string>}  $factor */
    private function keep(?array $factor): void
    {
        $this->person->second_factor = $factor;
        $this->person->save();
    }

    private static function hash(string $code): string
    {
        return hash('sha256', $code);
    }
}
