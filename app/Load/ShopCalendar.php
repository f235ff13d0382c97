<?php

declare(strict_types=1);

namespace App\Load;

use App\Ledger\Refused;
use App\Storage\Closure;
use App\Storage\User;
use App\Words\Line;
use DateTimeImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property\ICalendar\DateTime as DateTimeProperty;
use Sabre\VObject\Reader;
use Sabre\VObject\Recur\MaxInstancesExceededException;
use Throwable;

/** Days on which the shop is closed, read from and written as iCalendar. */
final class ShopCalendar
{
    private const MOST = 1_000;

    private const YEARS = 2;

    private const LONGEST_WHY = 120;

    /**
     * Every day that is still to come, repeated ones one by one; what was read before is not read again.
     *
     * @return int How many are new
     *
     * @throws ValidationException If it is no calendar, too long, or has nothing in it
     */
    public static function read(string $text, User $by): int
    {
        $events = self::events($text);
        $new = 0;
        foreach ($events as [$uid, $from, $to, $why]) {
            $new += Closure::query()->firstOrCreate(
                ['calendar_uid' => $uid],
                [
                    'ulid' => (string) Str::ulid(),
                    'begins_at' => $from,
                    'ends_at' => $to,
                    'why' => $why,
                    'user_id' => $by->id,
                    'created_at' => now(),
                ],
            )->wasRecentlyCreated
                ? 1
                : 0;
        }

        return $new;
    }

    /** The closed days of the shop that are still to come. */
    public static function written(): string
    {
        $calendar = self::calendar();
        foreach (Closure::query()->where('ends_at', '>', Carbon::now())->orderBy('begins_at')->get() as $closure) {
            if ($closure->isOfShop()) {
                $calendar->add('VEVENT', [
                    'UID' => "{$closure->ulid}@north-ledger",
                    'DTSTART' => $closure->begins_at->toDateTimeImmutable(),
                    'DTEND' => $closure->ends_at->toDateTimeImmutable(),
                    'SUMMARY' => $closure->why,
                ]);
            }
        }

        return $calendar->serialize();
    }

    public static function calendar(): VCalendar
    {
        return new VCalendar(['PRODID' => '-//North Ledger//Load//EN']);
    }

    /** @return list<array{string, DateTimeImmutable, DateTimeImmutable, string}> Identity, from, to, why */
    private static function events(string $text): array
    {
        try {
            $calendar = Reader::read($text, Reader::OPTION_FORGIVING);
            if (! ($calendar instanceof VCalendar)) {
                throw Refused::because('calendar', Line::of('load.import.unreadable'));
            }
            $today = Carbon::today()->toDateTimeImmutable();
            $expanded = $calendar->expand($today, $today->modify('+'.self::YEARS.' years'), $today->getTimezone());
            $events = [];
            foreach ($expanded->select('VEVENT') as $event) {
                $start = $event instanceof VEvent ? $event->__get('DTSTART') : null;
                if ($event instanceof VEvent && $start instanceof DateTimeProperty) {
                    $events[] = self::event($event, $start);
                }
            }
        } catch (MaxInstancesExceededException) {
            throw Refused::because('calendar', Line::of('load.import.too_long', ['most' => self::MOST]));
        } catch (ValidationException $refusal) {
            throw $refusal;
        } catch (Throwable) {
            // Whatever a file of somebody else's holds: it is not one that can be read.
            throw Refused::because('calendar', Line::of('load.import.unreadable'));
        }

        return match (true) {
            $events === [] => throw Refused::because('calendar', Line::of('load.import.empty')),
            count($events) > self::MOST => throw Refused::because('calendar', Line::of('load.import.too_long', ['most' => self::MOST])),
            default => $events,
        };
    }

    /** @return array{string, DateTimeImmutable, DateTimeImmutable, string} */
    private static function event(VEvent $event, DateTimeProperty $start): array
    {
        $zone = Carbon::now()->getTimezone();
        $from = DateTimeImmutable::createFromInterface($start->getDateTime($zone))->setTimezone($zone);
        $end = $event->__get('DTEND');
        $to = match (true) {
            $end instanceof DateTimeProperty => DateTimeImmutable::createFromInterface($end->getDateTime($zone))->setTimezone($zone),
            $start->hasTime() => $from->modify('+1 hour'),
            default => $from->modify('+1 day'),
        };
        $uid = substr(hash('sha256', $event->__get('UID').$from->format('c')), 0, 40);
        $why = mb_substr(trim((string) $event->__get('SUMMARY')), 0, self::LONGEST_WHY);

        return [$uid, $from, $to, $why === '' ? Line::of('load.import.unnamed') : $why];
    }
}
