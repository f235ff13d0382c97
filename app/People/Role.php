<?php

declare(strict_types=1);

namespace App\People;

/** Who somebody is in the shop, and what that lets them write. Everybody may read. */
enum Role: string
{
    case Owner = 'owner';
    case Inspector = 'inspector';
    case Machinist = 'machinist';
    case FrontCounter = 'front counter';

    public function may(Ability $ability): bool
    {
        return in_array(
            $ability,
            match ($this) {
                self::Owner => Ability::cases(),
                self::Inspector => [
                    Ability::Receive,
                    Ability::Measure,
                    Ability::ChoosePlan,
                    Ability::Work,
                    Ability::Verify,
                    Ability::Release,
                    Ability::AnswerForCustomer,
                    Ability::KeepSpecs,
                    Ability::KeepGauges,
                ],
                self::Machinist => [Ability::Work],
                self::FrontCounter => [Ability::Receive, Ability::AnswerForCustomer],
            },
            true,
        );
    }
}
