<?php

declare(strict_types=1);

namespace App\Security;

/** A password that is read out once or copied from a slip: no letters and digits that look alike, 79 bits. */
final class OneTimePassword
{
    private const SIGNS = 'abcdefghjkmnpqrstuvwxyz23456789';

    private const GROUPS = 4;

    private const SIGNS_A_GROUP = 4;

    public static function make(): string
    {
        $groups = [];
        for ($group = 0; $group < self::GROUPS; $group++) {
            $signs = '';
            for ($sign = 0; $sign < self::SIGNS_A_GROUP; $sign++) {
                $signs .= self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
            }
            $groups[] = $signs;
        }

        return implode('-', $groups);
    }
}
