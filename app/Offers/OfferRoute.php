<?php

declare(strict_types=1);

namespace App\Offers;

/** How something goes to a customer, or comes from one. */
enum OfferRoute: string
{
    case Email = 'email';
    case Letter = 'letter';
    case Telephone = 'telephone';
    case Counter = 'counter';
    /** Through the signed address of the offer, by the customer alone. */
    case Link = 'link';

    /** @return list<self> That somebody in the shop can say */
    public static function ofTheShop(): array
    {
        return [self::Email, self::Letter, self::Telephone, self::Counter];
    }
}
