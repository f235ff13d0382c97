<?php

declare(strict_types=1);

namespace App\Parts;

/** What became of a part that a plan needs. */
enum PartState: string
{
    case ToOrder = 'to_order';
    /** It did not come with the engine, and nobody knows yet where it is. */
    case ToFind = 'to_find';
    case OnTheShelf = 'on_the_shelf';
    case Ordered = 'ordered';
    case Arrived = 'arrived';
    /** It came, and is not what was ordered. */
    case Wrong = 'wrong';

    /** @return list<self> That somebody can say */
    public static function said(): array
    {
        return [self::Ordered, self::Arrived, self::Wrong, self::OnTheShelf];
    }
}
